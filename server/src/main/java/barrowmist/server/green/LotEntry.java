package barrowmist.server.green;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A lot as it is entered; {@code version} is the one it was changed from. */
public record LotEntry(
        @Schema(example = "Kibuye Ridge") String name,
        @Schema(example = "Lakeshore Green") String supplier,
        @Schema(example = "Burundi") String origin,

        Process process,

        @Schema(example = "2026-03-02") LocalDate arrivalDate,
        @Schema(example = "60") Double kg,
        @Schema(example = "10.8") @Nullable Double moisturePct,
        @Schema(example = "712") @Nullable Double densityGPerL,
        @Schema(example = "16/17") @Nullable String screen,

        @Schema(example = "Red fruit, cane sugar, long finish") @Nullable
        String supplierNotes,

        @Nullable Long version) {

    private static final int LONGEST_NOTES = 1000;

    /** Every problem of it. */
    List<FieldProblem> problems(LocalDate today) {
        List<FieldProblem> problems = new ArrayList<>(LotRules.problems(forRules(), today));
        if (supplierNotes != null && supplierNotes.strip().length() > LONGEST_NOTES) {
            problems.add(new FieldProblem(
                    "supplierNotes",
                    "The supplier's notes have " + supplierNotes.strip().length() + " characters, at most "
                            + LONGEST_NOTES + " are kept"));
        }
        return List.copyOf(problems);
    }

    /** The core's view of this entry, for its rules. */
    LotRules.Entry forRules() {
        return new LotRules.Entry(
                name,
                supplier,
                origin,
                process,
                arrivalDate,
                kg,
                Optionals.of(moisturePct),
                Optionals.of(densityGPerL),
                screen);
    }
}
