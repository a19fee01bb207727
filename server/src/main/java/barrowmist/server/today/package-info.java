/** What waits today. */
package barrowmist.server.today;
