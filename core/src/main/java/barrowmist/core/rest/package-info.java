/** How long a roasted sample rests before it is tasted. */
@NullMarked
package barrowmist.core.rest;

import org.jspecify.annotations.NullMarked;
