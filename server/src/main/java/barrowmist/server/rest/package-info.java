/** The rest shelf: when each roasted sample may be cupped, and how a coffee ages. */
@NullMarked
package barrowmist.server.rest;

import org.jspecify.annotations.NullMarked;
