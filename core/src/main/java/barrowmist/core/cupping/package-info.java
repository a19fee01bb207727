/** The cup: the 100-point form, and the words for what it tastes of. */
@NullMarked
package barrowmist.core.cupping;

import org.jspecify.annotations.NullMarked;
