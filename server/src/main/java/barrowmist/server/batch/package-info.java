/** Production profiles, every batch against them, what was let go, and into which bags it went. */
@NullMarked
package barrowmist.server.batch;

import org.jspecify.annotations.NullMarked;
