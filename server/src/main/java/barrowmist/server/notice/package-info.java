/** What everybody in the lab must know, whatever page is open. */
@NullMarked
package barrowmist.server.notice;

import org.jspecify.annotations.NullMarked;
