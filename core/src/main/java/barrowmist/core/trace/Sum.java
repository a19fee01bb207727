package barrowmist.core.trace;

import barrowmist.core.trace.CauseTable.Way;
import barrowmist.core.trace.CupWords.Part;
import barrowmist.core.trace.Evidence.Source;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The sum of one cause: what each thing adds. Within the log one sign comes after another, by how much it says: once the first
 * has told in which way it came about, the absence of another way adds nothing. The parts of a source add up to what it adds.
 */
final class Sum {

    /** Smaller addends go into one line, so that the sum still adds up. */
    private static final double SMALL = 0.15;

    private final CauseTable table;
    private final Odds odds;
    private final Cause cause;

    Sum(CauseTable table, Odds odds, Cause cause) {
        this.table = table;
        this.odds = odds;
        this.cause = cause;
    }

    /** All evidence, strongest first. */
    List<Evidence> evidence(CupFacts cup, CupWords words, List<Observation> observations) {
        List<Evidence> out = new ArrayList<>();
        for (Part part : words.parts(cup, List.of(cause))) {
            out.add(Evidence.cup(odds.tempered(part.value()), part.text(), part.words()));
        }
        for (Source source : Source.values()) {
            out.addAll(of(
                    source,
                    observations.stream()
                            .filter(o -> o.sign().source() == source)
                            .toList()));
        }
        return out.stream()
                .sorted(Comparator.comparingDouble(e -> -Math.abs(e.weight())))
                .toList();
    }

    private List<Evidence> of(Source source, List<Observation> observations) {
        Map<Observation, Double> adds = addends(observations);
        List<Evidence> out = new ArrayList<>();
        Map<String, Evidence> byText = new LinkedHashMap<>();
        double rest = 0;
        for (Map.Entry<Observation, Double> e : adds.entrySet()) {
            Observation o = e.getKey();
            double weight = odds.tempered(e.getValue());
            // two signs of one figure, such as dark and pale, are one line
            if (Math.abs(weight) >= SMALL) {
                byText.merge(
                        o.text(), new Evidence(source, weight, o.text(), List.of(), o.fromS(), o.toS()), Sum::both);
            } else {
                rest += weight;
            }
        }
        out.addAll(byText.values());
        if (rest != 0) {
            out.add(new Evidence(
                    source, rest, rest(source), List.of(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        return out;
    }

    private static String rest(Source source) {
        return "the rest of the " + (source == Source.TIME ? "age" : source.code()) + ", in little things";
    }

    private static Evidence both(Evidence a, Evidence b) {
        return new Evidence(a.source(), a.weight() + b.weight(), a.text(), a.words(), a.fromS(), a.toS());
    }

    /** What each adds after those before it, the one that tells most first. */
    private Map<Observation, Double> addends(List<Observation> observations) {
        List<Observation> inTurn = observations.stream()
                .sorted(Comparator.comparingDouble((Observation o) -> -Math.abs(alone(o)))
                        .thenComparing(Observation::sign))
                .toList();
        List<Way> ways = table.ways(cause);
        double[] likelihoods = ways.stream().mapToDouble(Way::share).toArray();
        double before = 0;
        Map<Observation, Double> out = new LinkedHashMap<>();
        for (Observation o : inTurn) {
            double mixed = 0;
            for (int i = 0; i < likelihoods.length; i++) {
                likelihoods[i] *= ratio(o, ways.get(i));
                mixed += likelihoods[i];
            }
            double now = Math.log(mixed);
            out.put(o, now - before);
            before = now;
        }
        return out;
    }

    private double alone(Observation o) {
        double mixed = 0;
        for (Way way : table.ways(cause)) {
            mixed += way.share() * ratio(o, way);
        }
        return Math.log(mixed);
    }

    private double ratio(Observation o, Way way) {
        return o.likelihood(table.shows(cause, way, o.sign())) / o.likelihood(table.base(o.sign()));
    }
}
