/**
 * The drum as a heat balance of bean, drum and air, its constants fitted to the machine's own logs, and what it predicts.
 * The form follows Schwartzberg, H. G. (2002), Modeling bean heating during batch roasting of coffee beans, in:
 * Engineering and Food for the 21st Century, CRC Press; its relations are quoted from memory.
 */
@NullMarked
package barrowmist.core.machine.thermal;

import org.jspecify.annotations.NullMarked;
