/** Reading a roast log from CSV: all or nothing, every problem named with its line. */
@NullMarked
package barrowmist.core.roast.csv;

import org.jspecify.annotations.NullMarked;
