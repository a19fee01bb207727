/** What was entered wrongly is mended: lots merged, things deleted that nothing stands on, others put aside. */
@NullMarked
package barrowmist.server.correct;

import org.jspecify.annotations.NullMarked;
