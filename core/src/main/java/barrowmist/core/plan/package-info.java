/**
 * The plan of a roast: what it aims at, where it is charged and why, how its controls move, what the machine's model
 * makes of that, and how the roasts of a day follow one another.
 */
@NullMarked
package barrowmist.core.plan;

import org.jspecify.annotations.NullMarked;
