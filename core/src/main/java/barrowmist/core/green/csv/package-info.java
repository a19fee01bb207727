/** Lots and inspections as a table: one row a sample. */
package barrowmist.core.green.csv;
