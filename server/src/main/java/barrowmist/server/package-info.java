/** The application: where it starts. */
package barrowmist.server;
