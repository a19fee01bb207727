/** Stand-ins for what is outside: a simulated drum, and how a reading of an instrument is judged. */
@NullMarked
package barrowmist.core.device;

import org.jspecify.annotations.NullMarked;
