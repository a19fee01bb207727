/** A lot while it lies in the store: what is left, how it keeps, which bags were drawn, and what was agreed for it. */
@NullMarked
package barrowmist.server.store;

import org.jspecify.annotations.NullMarked;
