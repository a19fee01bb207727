/** The bench: figures, verdicts and photographs of roasted samples. */
package barrowmist.server.sample;
