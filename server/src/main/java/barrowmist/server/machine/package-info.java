/** Roasters, how they are read, and their models. */
@NullMarked
package barrowmist.server.machine;

import org.jspecify.annotations.NullMarked;
