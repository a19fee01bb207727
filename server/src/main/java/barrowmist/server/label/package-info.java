/** Labels to be printed. */
package barrowmist.server.label;
