package barrowmist.core.trace;

import barrowmist.core.trace.CauseTable.Way;
import barrowmist.core.trace.Evidence.Source;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How likely each cause is to be the main thing wrong with a cup, beside a sound roast and beside nothing known: Bayes' rule over
 * groups of evidence, one for each source, that are taken as independent once the cause is given. The ways of a cause are mixed
 * within the log, so that the absence of one does not speak against another. Two causes at once share what is seen: either may
 * show a sign. Immutable.
 */
final class Odds {

    /** So many of the likeliest causes are tried two by two. */
    private static final int PAIRED = 6;

    /** A sound roast is never quite out of the question, whatever a lab makes of the causes. */
    private static final double LEAST_SOUND = 0.05;

    private final TraceRules rules;
    private final CauseTable table;
    private final CupWords words;
    private final CupFacts cup;
    private final Likelihoods likelihoods;
    private final Map<Cause, Double> main = new EnumMap<>(Cause.class);
    private final Map<Cause, Double> atWork = new EnumMap<>(Cause.class);
    private double sound;
    private double none;

    Odds(TraceRules rules, CauseTable table, CupWords words, CupFacts cup, List<Observation> observations) {
        this.rules = rules;
        this.table = table;
        this.words = words;
        this.cup = cup;
        this.likelihoods = new Likelihoods(table, observations);
        work();
    }

    /** Probability that a cause is the main one; these, {@link #sound} and {@link #none} add up to 1. */
    double main(Cause cause) {
        return main.getOrDefault(cause, 0.0);
    }

    /** Probability that a cause is at work, as the main one or beside it. */
    double atWork(Cause cause) {
        return atWork.getOrDefault(cause, 0.0);
    }

    /** Probability that nothing is wrong. */
    double sound() {
        return sound;
    }

    /** Probability that something is wrong that nothing here explains. */
    double none() {
        return none;
    }

    /** Log likelihood ratio of a cause against a sound roast by one source; the sources add up. */
    double adds(Cause cause, Source source) {
        double value = source == Source.CUP ? words.value(cup, List.of(cause)) : 0;
        return tempered(value + likelihoods.of(source, List.of(cause)));
    }

    double tempered(double value) {
        return rules.value("odds.tempered") * value;
    }

    /** How well one way of a cause fits the log, as a log likelihood ratio against a sound roast. */
    double fits(Cause cause, Way way) {
        return likelihoods.ofWay(cause, way);
    }

    private void work() {
        Map<Cause, Double> logs = new EnumMap<>(Cause.class);
        double left = 1 - prior("none");
        for (Cause cause : Cause.values()) {
            left -= prior(cause.code());
            logs.put(cause, Math.log(prior(cause.code())) + sum(List.of(cause)));
        }
        double soundLog = Math.log(Math.max(LEAST_SOUND, left));
        double noneLog = Math.log(prior("none")) + tempered(words.value(cup, List.of()));
        Map<List<Cause>, Double> pairs = pairs(logs);
        double most = Math.max(soundLog, noneLog);
        for (double log : logs.values()) {
            most = Math.max(most, log);
        }
        for (double log : pairs.values()) {
            most = Math.max(most, log);
        }
        share(logs, pairs, most, Math.exp(soundLog - most), Math.exp(noneLog - most));
    }

    private double prior(String what) {
        return rules.value("prior." + what);
    }

    private Map<List<Cause>, Double> pairs(Map<Cause, Double> logs) {
        List<Cause> likely = logs.entrySet().stream()
                .sorted(Map.Entry.<Cause, Double>comparingByValue().reversed())
                .limit(PAIRED)
                .map(Map.Entry::getKey)
                .toList();
        Map<List<Cause>, Double> out = new LinkedHashMap<>();
        for (int i = 0; i < likely.size(); i++) {
            for (int j = i + 1; j < likely.size(); j++) {
                Cause a = likely.get(i);
                Cause b = likely.get(j);
                double p = prior(a.code()) * prior(b.code()) * rules.value("second.cause") * Cause.values().length;
                out.put(List.of(a, b), Math.log(p) + sum(List.of(a, b)));
            }
        }
        return out;
    }

    /** Shares out all probability; of two at once the main one is more likely the one that is likelier alone. */
    private void share(
            Map<Cause, Double> logs, Map<List<Cause>, Double> pairs, double most, double soundMass, double noneMass) {
        double all = soundMass + noneMass;
        for (Map.Entry<Cause, Double> e : logs.entrySet()) {
            double mass = Math.exp(e.getValue() - most);
            main.put(e.getKey(), mass);
            atWork.put(e.getKey(), mass);
            all += mass;
        }
        for (Map.Entry<List<Cause>, Double> e : pairs.entrySet()) {
            double mass = Math.exp(e.getValue() - most);
            all += mass;
            Cause a = e.getKey().get(0);
            Cause b = e.getKey().get(1);
            // half the difference of the logs: one alone leaves what the other shows unexplained
            double first = 1 / (1 + Math.exp((logs.getOrDefault(b, 0.0) - logs.getOrDefault(a, 0.0)) / 2));
            main.merge(a, mass * first, Double::sum);
            main.merge(b, mass * (1 - first), Double::sum);
            atWork.merge(a, mass, Double::sum);
            atWork.merge(b, mass, Double::sum);
        }
        double whole = all;
        main.replaceAll((c, m) -> m / whole);
        atWork.replaceAll((c, m) -> m / whole);
        sound = soundMass / whole;
        none = noneMass / whole;
    }

    /** Log likelihood ratio of one cause, or of two at once, against a sound roast. */
    private double sum(List<Cause> causes) {
        double sum = words.value(cup, causes);
        for (Source source : Source.values()) {
            sum += likelihoods.of(source, causes);
        }
        return tempered(sum);
    }

    /** The way of a cause that fits best, its share counted. */
    Way likeliestWay(Cause cause) {
        return table.ways(cause).stream()
                .max(Comparator.comparingDouble(way -> Math.log(way.share()) + fits(cause, way)))
                .orElseThrow();
    }
}
