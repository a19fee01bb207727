/** The application: where it starts. */
@NullMarked
package barrowmist.server;

import org.jspecify.annotations.NullMarked;
