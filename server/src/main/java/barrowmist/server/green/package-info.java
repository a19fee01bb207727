/** Lots, their samples and inspections. */
@NullMarked
package barrowmist.server.green;

import org.jspecify.annotations.NullMarked;
