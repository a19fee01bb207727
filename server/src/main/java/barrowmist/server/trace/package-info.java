/** Traces: why a cup tastes as it does, kept so that lists need not work them out. */
@NullMarked
package barrowmist.server.trace;

import org.jspecify.annotations.NullMarked;
