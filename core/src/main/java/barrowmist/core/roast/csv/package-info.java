/** Reading a roast log from CSV: all or nothing, every problem named with its line. */
package barrowmist.core.roast.csv;
