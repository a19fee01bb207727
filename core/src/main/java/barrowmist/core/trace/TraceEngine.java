package barrowmist.core.trace;

import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.trace.Finding.Standing;
import barrowmist.core.units.Wording;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Traces the taste of a roast back to its cause. Pure: the same input gives the same findings. */
public final class TraceEngine {

    /** Counted up with the rules: what was traced by others is traced again. */
    public static final int RULES_VERSION = 3;

    private static final String LOOK_NEXT =
            "Nothing in the log explains it. Look next at the bench, the green, the rest and the preparation.";

    private final TraceSettings settings;
    private final Map<MadeFor, List<CauseRule>> rules = new HashMap<>();

    public TraceEngine(TraceSettings settings) {
        this.settings = settings;
        for (RoastAim aim : RoastAim.values()) {
            rules.put(MadeFor.of(aim), rules(MadeFor.of(aim)));
        }
    }

    private List<CauseRule> rules(MadeFor made) {
        TraceSettings own = settings.of(made);
        return List.of(new BakedRule(own), new ScorchedRule(own), new UnderdevelopedRule(own));
    }

    /**
     * Findings, strongest first: supported before unexplained before to watch for, then by weight. Empty when neither cup
     * nor log has anything to say.
     */
    public List<Finding> trace(TraceInput in, Wording wording) {
        List<CauseRule> asked = rules.get(in.madeFor());
        return (asked == null ? rules(in.madeFor()) : asked)
                .stream()
                        .map(rule -> weigh(rule, in, wording))
                        .flatMap(Optional::stream)
                        .sorted(Comparator.comparing(Finding::standing)
                                .thenComparing(Comparator.comparingDouble(Finding::weight)
                                        .reversed()))
                        .toList();
    }

    private Optional<Finding> weigh(CauseRule rule, TraceInput in, Wording wording) {
        GatheredEvidence gathered = new GatheredEvidence();
        CupRule.weigh(in.cup(), rule, gathered);
        rule.weigh(in, wording, gathered);
        List<Evidence> evidence = gathered.evidence().stream()
                .sorted(Comparator.comparingDouble(e -> -Math.abs(e.weight())))
                .toList();
        Finding bare = new Finding(rule.cause(), Standing.TO_WATCH, evidence, List.of(), Optional.empty());
        return standing(bare)
                .map(standing -> new Finding(
                        rule.cause(),
                        standing,
                        evidence,
                        missing(standing, gathered),
                        standing == Standing.SUPPORTED ? rule.correct(in, wording) : Optional.empty()));
    }

    private Optional<Standing> standing(Finding f) {
        boolean cup = f.weightFor(Evidence.Source.CUP) >= settings.leastWeight();
        boolean log = f.weightFor(Evidence.Source.LOG) >= settings.leastWeight();
        if (cup) {
            return Optional.of(log ? Standing.SUPPORTED : Standing.UNEXPLAINED);
        }
        return log ? Optional.of(Standing.TO_WATCH) : Optional.empty();
    }

    private static List<String> missing(Standing standing, GatheredEvidence gathered) {
        return standing == Standing.UNEXPLAINED
                ? Stream.concat(Stream.of(LOOK_NEXT), gathered.missing().stream())
                        .toList()
                : gathered.missing();
    }
}
