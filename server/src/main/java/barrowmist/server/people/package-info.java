/** Who belongs to the lab, and how they sign in. */
@NullMarked
package barrowmist.server.people;

import org.jspecify.annotations.NullMarked;
