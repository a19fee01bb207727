/** The cup: the 100-point form, and the words for what it tastes of. */
package barrowmist.core.cupping;
