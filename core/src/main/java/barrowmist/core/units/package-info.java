/** Temperatures and their differences, two types so that the 32 °F offset cannot slip into a rate. */
package barrowmist.core.units;
