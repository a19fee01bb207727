package barrowmist.core.plan;

import barrowmist.core.machine.FittedModel;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The figures that a foretold curve shows, corrected by what came in roasts left out: the times each by itself, the drop as
 * its rule has it, and the shares from those times, so that they go together.
 *
 * @param model the machine's
 * @param drop the plan's rule
 * @param developmentFrom what development is counted from
 */
record Correction(FittedModel model, DropRule drop, DevelopmentFrom developmentFrom) {

    private static final double PERCENT = 100;

    private static final List<KeyFigure> EVENTS =
            List.of(KeyFigure.DRY_END_S, KeyFigure.FIRST_CRACK_S, KeyFigure.TOTAL_S);

    /** Times that are corrected each by itself leave so much of the development that the curve shows at least (house default). */
    private static final double LEAST_LEFT = 0.5;

    /** @param shown figures of the curve, each in its unit */
    Map<KeyFigure, Double> of(Map<KeyFigure, Double> shown) {
        Map<KeyFigure, Double> out = new EnumMap<>(shown);
        out.replaceAll(model::corrected);
        Optional<Double> total = total(shown, out);
        if (total.isEmpty()) {
            return out;
        }
        out.put(KeyFigure.TOTAL_S, total.get());
        if (drop.by() == DropRule.By.BEAN_C || drop.by() == DropRule.By.OVER_CRACK_C) {
            out.computeIfPresent(KeyFigure.DROP_C, (f, v) -> shown.get(f));
        }
        double dryS = out.getOrDefault(KeyFigure.DRY_END_S, Double.NaN);
        double crackS = out.getOrDefault(KeyFigure.FIRST_CRACK_S, Double.NaN);
        out.computeIfPresent(KeyFigure.DEVELOPMENT_S, (f, v) -> total.get() - crackS);
        double fromS = developmentFrom == DevelopmentFrom.DRY_END ? dryS : crackS;
        out.computeIfPresent(KeyFigure.DRYING_PCT, (f, v) -> share(0, dryS, total.get()));
        out.computeIfPresent(KeyFigure.BROWNING_PCT, (f, v) -> share(dryS, crackS, total.get()));
        out.computeIfPresent(KeyFigure.DEVELOPMENT_PCT, (f, v) -> share(fromS, total.get(), total.get()));
        return out;
    }

    /** Times that a curve shows otherwise than they are told, in a sentence; empty where they are the same to the second. */
    static Optional<String> told(Map<KeyFigure, Double> shown, Map<KeyFigure, Double> corrected) {
        String moved = EVENTS.stream()
                .flatMap(f -> moved(f, shown.get(f), corrected.get(f)).stream())
                .collect(Collectors.joining(", "));
        return moved.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        "The curve is as the model draws it. The figures take off what it missed in roasts left out: "
                                + moved + ".");
    }

    private static Optional<String> moved(KeyFigure event, @Nullable Double shownS, @Nullable Double toldS) {
        long byS = shownS == null || toldS == null ? 0 : Math.round(toldS) - Math.round(shownS);
        String name = event == KeyFigure.TOTAL_S ? KeyFigure.DROP_C.label() : event.label();
        return byS == 0
                ? Optional.empty()
                : Optional.of("%s %d s %s".formatted(name, Math.abs(byS), byS < 0 ? "earlier" : "later"));
    }

    private static double share(double fromS, double toS, double totalS) {
        return PERCENT * (toS - fromS) / totalS;
    }

    /** From first crack to the drop, as the curve shows it, s; 0 where it shows no such. */
    private static double developedS(Map<KeyFigure, Double> shown) {
        double totalS = shown.getOrDefault(KeyFigure.TOTAL_S, 0.0);
        return Math.max(0, totalS - shown.getOrDefault(KeyFigure.FIRST_CRACK_S, totalS));
    }

    private Optional<Double> total(Map<KeyFigure, Double> shown, Map<KeyFigure, Double> corrected) {
        Optional<Double> crackS = Optional.ofNullable(corrected.get(KeyFigure.FIRST_CRACK_S));
        Optional<Double> by = switch (drop.by()) {
            case TOTAL_S -> Optional.of(drop.value());
            case DEVELOPMENT_S -> crackS.map(s -> s + drop.value());
            case DEVELOPMENT_PCT -> crackS.map(s -> s / (1 - drop.value() / PERCENT));
            case BEAN_C, OVER_CRACK_C ->
                Optional.ofNullable(corrected.get(KeyFigure.TOTAL_S))
                        .map(s -> Math.max(s, crackS.orElse(0.0) + LEAST_LEFT * developedS(shown)));
        };
        return shown.containsKey(KeyFigure.TOTAL_S) ? by : Optional.empty();
    }
}
