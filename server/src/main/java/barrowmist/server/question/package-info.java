/** The questions that a lead really asks, each with its answer, how sure it is, and the rows behind it. */
@NullMarked
package barrowmist.server.question;

import org.jspecify.annotations.NullMarked;
