package barrowmist.server.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A roaster as it is entered. */
public record MachineEntry(
        @Schema(example = "Drum 1") String name,
        @Schema(example = "150") @Nullable Double drumCapacityG,
        @Nullable MachineSettings settings,
        @Nullable Long version) {

    private static final int MAX_NAME = 120;
    private static final double MIN_CAPACITY_G = 20;
    private static final double MAX_CAPACITY_G = 600_000;

    List<FieldProblem> problems() {
        List<FieldProblem> problems = new ArrayList<>(new Checks()
                .name("name", "Name", name, MAX_NAME)
                .range(
                        "drumCapacityG",
                        "Drum capacity",
                        Optionals.of(drumCapacityG),
                        MIN_CAPACITY_G,
                        MAX_CAPACITY_G,
                        "g")
                .problems());
        if (settings != null) {
            problems.addAll(settings.problems());
        }
        return problems;
    }
}
