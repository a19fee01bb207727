/** Finished roasts: taken in, found, corrected. */
@NullMarked
package barrowmist.server.roast;

import org.jspecify.annotations.NullMarked;
