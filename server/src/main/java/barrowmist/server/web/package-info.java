/** What all pages of the API share: refusals, conflicts, doors, JSON. */
@NullMarked
package barrowmist.server.web;

import org.jspecify.annotations.NullMarked;
