/**
 * A roast under way: what is to be done before its charge, what will come of it if nothing changes, and what to warn of
 * while there is still time.
 */
package barrowmist.core.plan.live;
