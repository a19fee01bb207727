package barrowmist.server.green;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.Defect;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What an inspection says, as it travels and as it is kept. What was not measured is left out.
 *
 * @param sieves grams kept by screen, {@code pan} for what fell through all
 * @param defects beans of each kind by its code; left out when nobody has counted
 */
public record InspectionContent(
        @Schema(example = "10.9") @Nullable Double moisturePct,
        @Schema(example = "0.55") @Nullable Double waterActivity,
        @Schema(example = "712") @Nullable Double densityGPerL,
        @Schema(example = "178") @Nullable Double cupMassG,
        @Schema(example = "250") @Nullable Double cupVolumeMl,
        @Schema(example = "300") @Nullable Double sieveSampleG,

        @Schema(example = "{\"18\":22.5,\"17\":140,\"16\":110,\"pan\":27}") @Nullable
        Map<String, Double> sieves,

        @Schema(example = "16") @Nullable Integer contractScreen,
        @Schema(example = "350") @Nullable Double defectSampleG,

        @Schema(example = "{\"broken\":7,\"shell\":2}") @Nullable
        Map<String, Integer> defects,

        @Schema(example = "[\"fresh\",\"sweet\"]") @Nullable List<String> smells,

        @Schema(example = "green") @Nullable String colour,
        @Schema(example = "Closed bag, 18 °C") @Nullable String storage,
        @Schema(example = "2026-05-01") @Nullable LocalDate harvest,
        @Nullable Boolean mouldOrTaint) {

    static final String PAN = "pan";

    private static final Pattern SCREEN = Pattern.compile("\\d{1,2}");

    /** In the core's terms; a sieve or a defect that has no such name is refused. */
    Inspection inspection() {
        List<FieldProblem> problems = new ArrayList<>();
        Inspection inspection = new Inspection(
                Optionals.of(moisturePct),
                Optionals.of(waterActivity),
                Optionals.of(densityGPerL),
                Optionals.of(cupMassG),
                Optionals.of(cupVolumeMl),
                Optionals.of(sieveSampleG),
                sieves(problems),
                Optional.ofNullable(contractScreen),
                Optionals.of(defectSampleG),
                Optional.ofNullable(defects).map(d -> defects(d, problems)),
                smells == null ? List.of() : List.copyOf(smells),
                Optional.ofNullable(colour).filter(c -> !c.isBlank()),
                storage == null ? "" : storage.strip(),
                Optional.ofNullable(harvest),
                mouldOrTaint != null && mouldOrTaint);
        InputProblems.refuseIfAny(problems);
        return inspection;
    }

    private Map<Integer, Double> sieves(List<FieldProblem> problems) {
        Map<Integer, Double> out = new TreeMap<>();
        if (sieves != null) {
            sieves.forEach((name, grams) -> {
                if (!name.equals(PAN) && !SCREEN.matcher(name).matches()) {
                    problems.add(new FieldProblem(
                            "sieves", "A sieve is \"" + name + "\", expected a screen number such as 16, or pan"));
                } else if (grams != null) {
                    out.put(name.equals(PAN) ? ScreenAnalysis.PAN : Integer.parseInt(name), grams);
                }
            });
        }
        return out;
    }

    private static Map<Defect, Integer> defects(Map<String, Integer> counts, List<FieldProblem> problems) {
        Map<Defect, Integer> out = new LinkedHashMap<>();
        counts.forEach((code, n) -> Defect.parse(code)
                .ifPresentOrElse(
                        kind -> out.put(kind, n == null ? 0 : n),
                        () -> problems.add(
                                new FieldProblem("defects." + code, "\"" + code + "\" is not a kind of defect"))));
        return out;
    }

    static InspectionContent of(Inspection i) {
        Map<String, Double> sieves = new LinkedHashMap<>();
        i.sieves().forEach((s, g) -> sieves.put(s == ScreenAnalysis.PAN ? PAN : Integer.toString(s), g));
        Map<String, Integer> defects = i.defects()
                .map(d -> {
                    Map<String, Integer> out = new LinkedHashMap<>();
                    d.forEach((kind, n) -> out.put(kind.code(), n));
                    return out;
                })
                .orElse(null);
        return new InspectionContent(
                orNull(i.moisturePct()),
                orNull(i.waterActivity()),
                orNull(i.densityGPerL()),
                orNull(i.cupMassG()),
                orNull(i.cupVolumeMl()),
                orNull(i.sieveSampleG()),
                sieves.isEmpty() ? null : sieves,
                i.contractScreen().orElse(null),
                orNull(i.defectSampleG()),
                defects,
                i.smells().isEmpty() ? null : i.smells(),
                i.colour().orElse(null),
                i.storage().isEmpty() ? null : i.storage(),
                i.harvest().orElse(null),
                i.mouldOrTaint() ? Boolean.TRUE : null);
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return Optionals.orNull(value);
    }
}
