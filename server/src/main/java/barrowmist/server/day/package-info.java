/** Days of roasting and their calendar. */
@NullMarked
package barrowmist.server.day;

import org.jspecify.annotations.NullMarked;
