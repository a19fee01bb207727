/** Lots and inspections as a table: one row a sample. */
@NullMarked
package barrowmist.core.green.csv;

import org.jspecify.annotations.NullMarked;
