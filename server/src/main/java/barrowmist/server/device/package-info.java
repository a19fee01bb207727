/** The port to scales and meters, and the stand-ins for them that ship with the application. */
@NullMarked
package barrowmist.server.device;

import org.jspecify.annotations.NullMarked;
