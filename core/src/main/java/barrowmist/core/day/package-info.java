/** A day of roasting: its timetable, and the batches of a quantity. */
@NullMarked
package barrowmist.core.day;

import org.jspecify.annotations.NullMarked;
