package barrowmist.server.roast;

import barrowmist.core.green.Process;

/** What a roaster usually does with coffees of one process has changed. Told within the transaction. */
public record ReferenceChanged(long machineId, Process process) {}
