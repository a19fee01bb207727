/** Who is calling, and what they may ask for. */
@NullMarked
package barrowmist.server.access;

import org.jspecify.annotations.NullMarked;
