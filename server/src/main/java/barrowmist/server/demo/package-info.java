/**
 * The demo laboratory: Harrowfell Roastery, its lots, its roasts and its cups. All of it is invented. Logs are made by a
 * small seeded generator and go in by the same door as anybody's.
 */
@NullMarked
package barrowmist.server.demo;

import org.jspecify.annotations.NullMarked;
