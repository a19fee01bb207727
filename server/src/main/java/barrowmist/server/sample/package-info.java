/** The bench: figures, verdicts and photographs of roasted samples. */
@NullMarked
package barrowmist.server.sample;

import org.jspecify.annotations.NullMarked;
