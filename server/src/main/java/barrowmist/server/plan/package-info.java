/** Plans: what a roaster usually does, its model, targets, charge advice, the what-if, and the day. */
package barrowmist.server.plan;
