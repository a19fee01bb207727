/** A supplier over time: arrivals against what was sent before, claims, and how long decisions took. */
@NullMarked
package barrowmist.server.supplier;

import org.jspecify.annotations.NullMarked;
