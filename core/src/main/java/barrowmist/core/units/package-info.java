/** Temperatures and their differences, two types so that the 32 °F offset cannot slip into a rate. */
@NullMarked
package barrowmist.core.units;

import org.jspecify.annotations.NullMarked;
