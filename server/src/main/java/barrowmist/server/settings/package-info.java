/** Settings of the laboratory, kept by name. */
@NullMarked
package barrowmist.server.settings;

import org.jspecify.annotations.NullMarked;
