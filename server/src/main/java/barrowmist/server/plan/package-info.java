/** Plans: what a roaster usually does, its model, targets, charge advice, the what-if, and the day. */
@NullMarked
package barrowmist.server.plan;

import org.jspecify.annotations.NullMarked;
