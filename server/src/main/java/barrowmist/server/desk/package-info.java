/**
 * The roast desk: a roast while it happens. It reads the roaster, keeps each reading on disk as it comes, tells every
 * screen, and hands the finished roast over. It proposes and records; it commands nothing.
 */
@NullMarked
package barrowmist.server.desk;

import org.jspecify.annotations.NullMarked;
