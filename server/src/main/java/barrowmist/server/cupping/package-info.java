/** Cuppings and their sheets. */
@NullMarked
package barrowmist.server.cupping;

import org.jspecify.annotations.NullMarked;
