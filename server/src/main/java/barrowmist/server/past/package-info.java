/** What came of other roasts: those whose curve is like one, and how often each cause was found. */
@NullMarked
package barrowmist.server.past;

import org.jspecify.annotations.NullMarked;
