package barrowmist.core.trace;

import barrowmist.core.trace.Patterns.Metric;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * What a lab's own cups make of the rules: at which line a sign counts, and how often a cause shows it. Nothing is taken in by
 * itself: it is offered beside what holds, with the cups behind it. Pure.
 */
public final class LearnedRules {

    private static final double TAIL = 0.025;

    /** Fewer verdicts, or less of a difference, are not offered (house defaults). */
    static final int FEWEST_VERDICTS = 5;

    static final double LEAST_DIFFERENCE = 0.05;

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
     * @param words that its cups were given
     */
    public record Cup(List<Observation> observations, Optional<Cause> called, boolean judged, Set<String> words) {}

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
            int called) {

        /**
         * A share that verdicts have moved.
         *
         * @param hits counted for it, with what the default is worth
         * @param all counted, likewise
         * @param unit what a whole share is in the rule's own measure
         */
        static Offer ofShare(TraceRules.Rule rule, double hits, double all, double unit, int verdicts) {
            BetaDistribution likely = new BetaDistribution(hits, all - hits);
            return new Offer(
                    rule.name(),
                    rule.text(),
                    rule.unit(),
                    rule.value(),
                    unit * hits / all,
                    unit * likely.inverseCumulativeProbability(TAIL),
                    unit * likely.inverseCumulativeProbability(1 - TAIL),
                    verdicts,
                    verdicts);
        }
    }

    /** What the cups say of the signs of a cause, the lines first; what agrees with what holds is left out. */
    public List<Offer> of(Cause cause, List<Cup> cups) {
        List<Offer> out = new ArrayList<>(lines(cause, cups));
        List<Cup> judged = cups.stream()
                .filter(c -> c.judged && c.called.filter(cause::equals).isPresent())
                .toList();
        out.addAll(shown(cause, judged));
        out.addAll(new LearnedWords(rules, table).of(cause, judged));
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
    private List<Offer> shown(Cause cause, List<Cup> judged) {
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
        return Optional.of(Offer.ofShare(rule, hits, all, 1, degrees.length));
    }
}
