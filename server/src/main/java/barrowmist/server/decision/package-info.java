/** What becomes of a lot: gathered, proposed, and decided by a person. */
@NullMarked
package barrowmist.server.decision;

import org.jspecify.annotations.NullMarked;
