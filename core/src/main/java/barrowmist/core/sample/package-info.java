/** The roasted sample on the bench. */
@NullMarked
package barrowmist.core.sample;

import org.jspecify.annotations.NullMarked;
