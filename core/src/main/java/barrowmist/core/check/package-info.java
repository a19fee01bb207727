/** Gathering of problems before a form or a file is refused. */
@NullMarked
package barrowmist.core.check;

import org.jspecify.annotations.NullMarked;
