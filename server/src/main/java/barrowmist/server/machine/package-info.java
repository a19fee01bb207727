/** Roasters, how they are read, and their models. */
package barrowmist.server.machine;
