/** A change proven: the old roast beside the new, blind; and how often the program was right. */
@NullMarked
package barrowmist.server.proof;

import org.jspecify.annotations.NullMarked;
