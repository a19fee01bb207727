/**
 * From the cup back to its cause.
 *
 * <ol>
 *   <li>The cup speaks first: what log, bench or green show with no word of it in the cup is only to be watched for.
 *   <li>What the cup says and nothing else bears out is unexplained, and sent on to what would tell most.
 *   <li>Only where the cup and an independent source agree, and the odds are good, is a cause supported.
 *   <li>What speaks against is said as plainly as what speaks for, and so is the measurement that is missing.
 *   <li>A correction changes one thing, by a stated size, and is only given for a supported cause.
 * </ol>
 */
@NullMarked
package barrowmist.core.trace;

import org.jspecify.annotations.NullMarked;
