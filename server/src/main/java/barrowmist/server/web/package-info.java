/** What all pages of the API share: refusals, conflicts, doors, JSON. */
package barrowmist.server.web;
