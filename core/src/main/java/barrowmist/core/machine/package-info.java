/** A roaster: its size, its references, its protocol between batches, and the model fitted to its logs. */
@NullMarked
package barrowmist.core.machine;

import org.jspecify.annotations.NullMarked;
