/** Room on the disk: what happens when there is none, and how it ends. */
@NullMarked
package barrowmist.server.disk;

import org.jspecify.annotations.NullMarked;
