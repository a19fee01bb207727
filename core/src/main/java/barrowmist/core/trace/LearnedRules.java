package barrowmist.core.trace;

import barrowmist.core.trace.Patterns.Metric;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * What a lab's own cups make of the rules: at which line a sign counts, and how often a cause shows it. Nothing is taken in by
 * itself: it is offered beside what holds, with the cups behind it. Pure.
 */
public final class LearnedRules {

    private static final double TAIL = 0.025;

    /** Fewer verdicts, or less of a difference, are not offered (house defaults). */
    private static final int FEWEST_VERDICTS = 5;

    private static final double LEAST_DIFFERENCE = 0.05;

    private final TraceRules rules;
    private final CauseTable table;

    public LearnedRules(TraceRules rules) {
        this.rules = rules;
        this.table = new CauseTable(rules);
    }

    /**
     * A cupped roast.
     *
     * @param observations all that is observed of it
     * @param called the cause that its cup is called, by a verdict or by its words; empty for none
     * @param judged whether it is called so by the lead
     */
    public record Cup(List<Observation> observations, Optional<Cause> called, boolean judged) {}

    /**
     * Another value for a rule.
     *
     * @param rule its name
     * @param text the rule in words
     * @param unit of its value
     * @param now what holds
     * @param learned what the cups say
     * @param lower lower end of its 95 % interval
     * @param upper upper end
     * @param cups behind it
     * @param called so many of them are called so
     */
    public record Offer(
            String rule,
            String text,
            String unit,
            double now,
            double learned,
            double lower,
            double upper,
            int cups,
            int called) {}

    /** What the cups say of the signs of a cause, the lines first; what agrees with what holds is left out. */
    public List<Offer> of(Cause cause, List<Cup> cups) {
        List<Offer> out = new ArrayList<>(lines(cause, cups));
        out.addAll(shown(cause, cups));
        return List.copyOf(out);
    }

    private List<Offer> lines(Cause cause, List<Cup> cups) {
        List<Metric> metrics = Arrays.stream(Sign.values())
                .filter(sign -> speaksFor(cause, sign))
                .map(sign -> metric(cause, sign, cups))
                .toList();
        return Patterns.of(metrics).stream()
                .filter(p -> p.standing() == Pattern.Standing.LEARNED && p.above())
                .map(p -> offer("sign." + p.metric() + ".line", p))
                .filter(o -> o.now < o.lower || o.now > o.upper)
                .toList();
    }

    private boolean speaksFor(Cause cause, Sign sign) {
        return table.ways(cause).stream().anyMatch(way -> table.shows(cause, way, sign) > table.base(sign));
    }

    private static Metric metric(Cause cause, Sign sign, List<Cup> cups) {
        double[] values = new double[cups.size()];
        boolean[] called = new boolean[cups.size()];
        int n = 0;
        for (Cup cup : cups) {
            Optional<Observation> seen =
                    cup.observations.stream().filter(o -> o.sign() == sign).findFirst();
            if (seen.isPresent()) {
                values[n] = seen.get().figure();
                called[n++] = cup.called.filter(c -> c == cause).isPresent();
            }
        }
        return new Metric(sign.code(), Arrays.copyOf(values, n), Arrays.copyOf(called, n));
    }

    private Offer offer(String name, Pattern p) {
        TraceRules.Rule rule = rules.rule(name);
        return new Offer(
                name, rule.text(), rule.unit(), rule.value(), p.threshold(), p.lower(), p.upper(), p.n(), p.called());
    }

    /** How often the lead's cups of a cause show a sign, begun at what holds as if that were so many cups. */
    private List<Offer> shown(Cause cause, List<Cup> cups) {
        List<Cup> judged = cups.stream()
                .filter(c -> c.judged && c.called.filter(cause::equals).isPresent())
                .toList();
        // cups do not say in which way a cause came about: only what all its ways share is learned
        return Arrays.stream(Sign.values())
                .flatMap(
                        sign -> rules
                                .find("shows." + cause.code() + "." + sign.code())
                                .flatMap(rule -> shown(rule, sign, judged))
                                .stream())
                .toList();
    }

    private Optional<Offer> shown(TraceRules.Rule rule, Sign sign, List<Cup> judged) {
        double[] degrees = judged.stream()
                .flatMap(c -> c.observations.stream().filter(o -> o.sign() == sign))
                .mapToDouble(Observation::degree)
                .toArray();
        double worth = rules.value("learn.worth");
        double hits = worth * rule.value() + Arrays.stream(degrees).sum();
        double all = worth + degrees.length;
        if (degrees.length < FEWEST_VERDICTS || Math.abs(hits / all - rule.value()) < LEAST_DIFFERENCE) {
            return Optional.empty();
        }
        BetaDistribution likely = new BetaDistribution(hits, all - hits);
        return Optional.of(new Offer(
                rule.name(),
                rule.text(),
                rule.unit(),
                rule.value(),
                hits / all,
                likely.inverseCumulativeProbability(TAIL),
                likely.inverseCumulativeProbability(1 - TAIL),
                degrees.length,
                degrees.length));
    }
}
