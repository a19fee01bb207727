/**
 * From the cup back to its cause.
 *
 * <ol>
 *   <li>The cup speaks first: a finding in the log with no word of it in the cup is only to be watched for.
 *   <li>A finding in the cup with nothing in the log is unexplained by the log, and sent on to bench, green, rest and
 *       preparation.
 *   <li>Only where cup and log agree is a cause supported.
 *   <li>What speaks against is said as plainly as what speaks for, and so is the measurement that is missing.
 *   <li>A correction changes one thing, by a stated size, and is only given for a supported cause.
 * </ol>
 */
@NullMarked
package barrowmist.core.trace;

import org.jspecify.annotations.NullMarked;
