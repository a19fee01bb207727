/** Blends: what their parts suggest, what is kept of them, and what their trials showed. */
@NullMarked
package barrowmist.server.blend;

import org.jspecify.annotations.NullMarked;
