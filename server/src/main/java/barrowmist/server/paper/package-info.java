/** Pages to be printed. */
@NullMarked
package barrowmist.server.paper;

import org.jspecify.annotations.NullMarked;
