/** The port to scales and meters, and the stand-ins for them that ship with the application. */
package barrowmist.server.device;
