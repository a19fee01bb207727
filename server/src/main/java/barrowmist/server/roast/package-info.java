/** Finished roasts: taken in, found, corrected. */
package barrowmist.server.roast;
