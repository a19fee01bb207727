/** What is told: the report of a lot, of a roast and of a table, as a page, a table and JSON. */
@NullMarked
package barrowmist.server.report;

import org.jspecify.annotations.NullMarked;
