/**
 * A sample roaster that is not there, as a process of its own: it speaks Modbus TCP as a roaster's controller would, and
 * has a panel in the browser for its knobs, its door and its faults.
 */
@NullMarked
package barrowmist.standin;

import org.jspecify.annotations.NullMarked;
