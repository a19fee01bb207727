/**
 * What a table of several cuppers says beyond one score: how far they agree, whether a difference was shown at all, what is
 * liked. No interface code; statistics by Hipparchus.
 */
@NullMarked
package barrowmist.core.cupping.panel;

import org.jspecify.annotations.NullMarked;
