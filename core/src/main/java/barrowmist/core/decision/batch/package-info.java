/** Held to it: a production profile, every batch against it, control charts, and what a batch is let go or held for. */
@NullMarked
package barrowmist.core.decision.batch;

import org.jspecify.annotations.NullMarked;
