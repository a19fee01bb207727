/** Days of roasting and their calendar. */
package barrowmist.server.day;
