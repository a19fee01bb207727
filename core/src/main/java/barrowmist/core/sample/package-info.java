/** The roasted sample on the bench. */
package barrowmist.core.sample;
