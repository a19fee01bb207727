/**
 * The roast as logged: readings, events, rate of rise, phases, faults and the machine's reference.
 *
 * <ol>
 *   <li>A log has a clock of its own. Everything computed from it counts seconds since charge.
 *   <li>A missing reading is absent, never zero; nothing is interpolated across a gap.
 *   <li>The rate of rise has no meaning before the turning point and is not given there.
 *   <li>A figure whose event is not marked is empty, and the analysis says which event to mark.
 * </ol>
 */
@NullMarked
package barrowmist.core.roast;

import org.jspecify.annotations.NullMarked;
