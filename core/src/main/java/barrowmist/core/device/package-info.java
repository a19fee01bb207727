/** Stand-ins for what is outside: a simulated drum, and how a reading of an instrument is judged. */
package barrowmist.core.device;
