/** Traces: why a cup tastes as it does, kept so that lists need not work them out. */
package barrowmist.server.trace;
