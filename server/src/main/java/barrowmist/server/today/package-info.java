/** What waits today. */
@NullMarked
package barrowmist.server.today;

import org.jspecify.annotations.NullMarked;
