/** The lot: its facts, and what they may be. */
@NullMarked
package barrowmist.core.green;

import org.jspecify.annotations.NullMarked;
