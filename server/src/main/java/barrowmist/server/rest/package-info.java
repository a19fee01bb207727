/** The rest shelf: when each roasted sample may be cupped, and how a coffee ages. */
package barrowmist.server.rest;
