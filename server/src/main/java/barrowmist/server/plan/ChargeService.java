package barrowmist.server.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.plan.ChargeAdvice;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.roast.MachineHistory;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Advises where to charge, from what the roaster's accepted roasts teach. */
@Service
@Transactional(readOnly = true)
public class ChargeService {

    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final MachineHistory history;

    ChargeService(GreenSampleService greenSamples, MachineService machines, MachineHistory history) {
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.history = history;
    }

    /** Where to charge; {@code greenG} is the usual batch when it is left out. */
    public ChargeAdvice advice(long greenSampleId, long machineId, @Nullable Double greenG) {
        MachineEntity machine = machines.get(machineId);
        double mass = greenG == null ? usualG(machine) : greenG;
        return advice(greenSamples.get(greenSampleId), machine, mass);
    }

    /** Where to charge, and why. */
    ChargeAdvice advice(GreenSampleEntity sample, MachineEntity machine, double greenG) {
        Map<Process, MachineReference> references = new EnumMap<>(Process.class);
        for (Process process : Process.values()) {
            references.put(process, history.reference(machine.id(), process, 0));
        }
        GreenFacts green = greenSamples.facts(sample);
        return ChargeAdvice.of(machine.name(), references, green, greenG, OptionalDouble.of(usualG(machine)));
    }

    /** What this roaster usually takes, g. */
    double usualG(MachineEntity machine) {
        return machine.drum().usualG(history.weighedG(machine.id()));
    }

    /** Where its beans dry and crack, of this process. */
    public EventTemperatures events(long machineId, Process process) {
        return EventTemperatures.of(
                history.reference(machineId, process, 0), history.reference(machineId, Process.WASHED, 0), process);
    }
}
