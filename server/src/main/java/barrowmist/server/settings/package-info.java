/** Settings of the laboratory, kept by name. */
package barrowmist.server.settings;
