/** Lots, their samples and inspections. */
package barrowmist.server.green;
