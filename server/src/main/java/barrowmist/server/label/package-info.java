/** Labels to be printed. */
@NullMarked
package barrowmist.server.label;

import org.jspecify.annotations.NullMarked;
