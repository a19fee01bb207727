/** Cuppings and their sheets. */
package barrowmist.server.cupping;
