/**
 * A roast under way: what is to be done before its charge, what will come of it if nothing changes, and what to warn of
 * while there is still time.
 */
@NullMarked
package barrowmist.core.desk;

import org.jspecify.annotations.NullMarked;
