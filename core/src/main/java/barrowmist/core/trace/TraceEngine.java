package barrowmist.core.trace;

import barrowmist.core.trace.Evidence.Source;
import barrowmist.core.trace.Finding.Standing;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Traces the taste of a roast back to its cause. Pure: the same input gives the same answer. */
public final class TraceEngine {

    /** Counted up with the program's own rules: what was traced by others is traced again. */
    public static final int RULES_VERSION = 10;

    private final TraceRules rules;
    private final CauseTable table;
    private final CupWords words;

    public TraceEngine(TraceRules rules) {
        this.rules = rules;
        this.table = new CauseTable(rules);
        this.words = new CupWords(rules, table);
    }

    /** Everything that is observed of a roast, read once. */
    public List<Observation> observe(TraceInput in, Wording wording) {
        SignReading out = new SignReading(rules);
        new LogSigns(in, wording, out).read();
        new BenchSigns(in, out).read();
        new GreenSigns(in, out).read();
        new TableSigns(in, words.found(in.cup()).keySet(), out).read();
        in.cup().acidity().ifPresent(a -> {
            String text = "acidity marked at %.0f %% of its scale".formatted(100 * a);
            out.figure(Sign.LITTLE_ACIDITY, -a, text);
            out.figure(Sign.MUCH_ACIDITY, a, text);
        });
        return out.all();
    }

    /** What a roast traces back to. */
    public Traced trace(TraceInput given, Wording wording) {
        TraceInput in = given.read();
        List<Observation> observations = observe(in, wording);
        Odds odds = odds(in.cup(), observations);
        List<Finding> findings = new ArrayList<>();
        List<Finding> folded = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            Standing standing = standing(cause, in.cup(), odds, observations);
            boolean named = standing != Standing.UNLIKELY
                    || in.cup().cupped() && odds.main(cause) >= rules.value("standing.named");
            Optional<Correction> correction = standing == Standing.SUPPORTED
                    ? Corrections.of(cause, odds.likeliestWay(cause).name(), in, rules, wording)
                    : Optional.empty();
            List<Evidence> evidence = new Sum(table, odds, cause).evidence(in.cup(), words, observations);
            Finding f = new Finding(
                    cause,
                    standing,
                    odds.main(cause),
                    chance(cause, standing, odds),
                    odds.atWork(cause),
                    evidence,
                    correction);
            (named ? findings : folded).add(f);
        }
        Comparator<Finding> strongest =
                Comparator.comparingDouble(Finding::probability).reversed();
        findings.sort(Comparator.comparing((Finding f) -> f.standing() == Standing.TO_WATCH)
                .thenComparing(strongest));
        folded.sort(strongest);
        boolean open = odds.sound() < 0.5 && findings.stream().noneMatch(f -> f.standing() == Standing.SUPPORTED);
        List<Missing> missing =
                new NextLook(table, odds).missing(observations, in.cup().cupped(), open);
        return new Traced(findings, folded, odds.sound(), odds.none(), missing);
    }

    /**
     * What the cups alone are said to have, whatever else is known: what a pattern of the curve is learned from must not have
     * been told from the curve.
     */
    public Optional<Cause> cupAlone(CupFacts cup) {
        Odds odds = odds(cup, List.of());
        return Arrays.stream(Cause.values())
                .max(Comparator.comparingDouble(odds::main))
                .filter(c -> cup.cupped() && odds.main(c) > odds.sound() && odds.main(c) > odds.none());
    }

    /** What the cup says and nothing else bears out is possible; what the log is silent about, likely at most. */
    private Chance chance(Cause cause, Standing standing, Odds odds) {
        Chance chance = Chance.of(odds.main(cause));
        if (standing != Standing.SUPPORTED) {
            return chance.atMost(Chance.POSSIBLE);
        }
        return witnessed(cause, Source.LOG, odds) ? chance : chance.atMost(Chance.LIKELY);
    }

    private boolean witnessed(Cause cause, Source source, Odds odds) {
        return odds.adds(cause, source) >= rules.value("standing.witness");
    }

    /** The odds alone, of observations that were made. */
    Odds odds(CupFacts cup, List<Observation> observations) {
        return new Odds(rules, table, words, cup, observations);
    }

    private Standing standing(Cause cause, CupFacts cup, Odds odds, List<Observation> observations) {
        boolean said = cup.cupped()
                && cup.found().keySet().stream().anyMatch(table.words(cause)::containsKey)
                && odds.adds(cause, Source.CUP) >= rules.value("standing.cup");
        boolean witnessed = cause.witnesses().stream().anyMatch(s -> witnessed(cause, s, odds));
        if (!said) {
            return witnessed && !observations.isEmpty() ? Standing.TO_WATCH : Standing.UNLIKELY;
        }
        if (witnessed && odds.atWork(cause) >= rules.value("standing.supported")) {
            return Standing.SUPPORTED;
        }
        return odds.main(cause) < rules.value("standing.unlikely") ? Standing.UNLIKELY : Standing.UNEXPLAINED;
    }
}
