/** What everybody in the lab must know, whatever page is open. */
package barrowmist.server.notice;
