/** What becomes of a lot: the proposal with its reasons. The decision is a person's. */
@NullMarked
package barrowmist.core.decision;

import org.jspecify.annotations.NullMarked;
