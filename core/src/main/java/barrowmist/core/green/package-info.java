/** The lot: its facts, and what they may be. */
package barrowmist.core.green;
