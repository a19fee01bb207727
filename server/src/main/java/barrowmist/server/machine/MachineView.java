package barrowmist.server.machine;

import org.jspecify.annotations.Nullable;

/** A roaster on the wire. */
public record MachineView(
        long id, String name, @Nullable Double drumCapacityG, MachineSettings settings, long version) {}
