package barrowmist.core.trace;

import barrowmist.core.check.Permutations;
import barrowmist.core.check.ShareDifference;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.Vocabulary;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether a change has helped, by blind tables with old roasts and new ones. The cups of one pot are no witnesses of their own, and
 * one batch differs from the next by chance: so a batch is one value (the share of its cups with a word of the fault), and what is
 * said to be shown is told by the exact permutation of the batches. With three of each, 1 way of 20 parts them wholly. With fewer
 * there is an estimate, whose interval takes the cups of one cupper for alike (Kish 1965: a design effect of {@code 1 + (n − 1)·ρ},
 * ρ a house default). Pure.
 */
public final class BlindProof {

    /** Roasts of each side at most: with more, the ways to share them out are too many to be counted. */
    public static final int MOST_BATCHES = 10;

    private static final double PERCENT = 100;

    private final TraceRules rules;
    private final CauseTable table;
    private final CupWords words;

    public BlindProof(TraceRules rules) {
        this.rules = rules;
        this.table = new CauseTable(rules);
        this.words = new CupWords(rules, table);
    }

    /**
     * What came of a change; empty while no old roast, or no new one, has a finished sheet.
     *
     * @param cause what it was to mend
     * @param before the finished sheets of each old roast, a list for each
     * @param after of the new ones
     */
    public Optional<Proof> of(
            Cause cause,
            List<? extends Collection<? extends CuppingSheet>> before,
            List<? extends Collection<? extends CuppingSheet>> after) {
        var cuppedBefore = before.stream().filter(s -> !s.isEmpty()).toList();
        var cuppedAfter = after.stream().filter(s -> !s.isEmpty()).toList();
        if (cuppedBefore.isEmpty() || cuppedAfter.isEmpty()) {
            return Optional.empty();
        }
        Set<String> own = table.words(cause).keySet();
        Set<String> others = others(own, cuppedBefore, cuppedAfter);
        List<CupShare> old = shares(cuppedBefore, own, alike(cause.cups()));
        List<CupShare> now = shares(cuppedAfter, own, alike(cause.cups()));
        List<CupShare> oldOther = shares(cuppedBefore, others, alike(Cause.Cups.ALL));
        List<CupShare> nowOther = shares(cuppedAfter, others, alike(Cause.Cups.ALL));
        int least = (int) rules.value("proof.batches");
        boolean enough = old.size() >= least && now.size() >= least;
        Permutations fewer = Permutations.of(parts(old), parts(now));
        Permutations more = Permutations.of(parts(now), parts(old));
        Permutations other = Permutations.of(parts(nowOther), parts(oldOther));
        double byChance = rules.value("proof.by-chance");
        boolean gone = mean(now) <= rules.value("proof.left") * mean(old);
        Proof.Outcome outcome = !enough
                ? Proof.Outcome.ESTIMATE
                : more.p() <= byChance || other.p() <= byChance
                        ? Proof.Outcome.WORSE
                        : fewer.p() <= byChance && gone ? Proof.Outcome.HELD : Proof.Outcome.NOT_SHOWN;
        String text = told(cause.label(), old, now);
        if (CupShare.cups(oldOther) + CupShare.cups(nowOther) > 0) {
            text += "; " + told("another fault", oldOther, nowOther);
        }
        Permutations way = outcome == Proof.Outcome.WORSE ? (more.p() <= other.p() ? more : other) : fewer;
        return Optional.of(new Proof(
                outcome,
                old.size(),
                now.size(),
                scoreChange(cuppedBefore, cuppedAfter),
                text + "; " + (enough ? clear(old, now, way) : estimate(old, now, least))));
    }

    /** How clear it is, from batches alone. */
    private static String clear(List<CupShare> old, List<CupShare> now, Permutations way) {
        return "%s: %d of the %d ways to share these batches out look as clear"
                .formatted(batches(old, now), way.asClear(), way.of());
    }

    private static String estimate(List<CupShare> old, List<CupShare> now, int least) {
        ShareDifference d = CupShare.difference(old, now);
        return String.format(
                Locale.ROOT,
                "%s: an estimate, %.0f %% of the cups fewer (%.0f to %.0f %%), and a batch may differ by chance; %d of each can confirm it",
                batches(old, now),
                PERCENT * d.by(),
                PERCENT * d.lower(),
                PERCENT * d.upper(),
                least);
    }

    private static String batches(List<CupShare> old, List<CupShare> now) {
        return (old.size() == 1 ? "1 batch" : old.size() + " batches") + " before and " + now.size() + " after";
    }

    /** How alike the cups of one cupper are, for a fault that shows in so many of them. */
    private double alike(Cause.Cups cups) {
        return rules.value("proof.together-" + cups.name().toLowerCase(Locale.ROOT));
    }

    private static double[] parts(List<CupShare> of) {
        return of.stream().mapToDouble(CupShare::part).toArray();
    }

    private static double mean(List<CupShare> of) {
        return of.stream().mapToDouble(CupShare::part).average().orElse(0);
    }

    private static List<CupShare> shares(
            List<? extends Collection<? extends CuppingSheet>> batches, Set<String> sought, double alike) {
        return batches.stream()
                .map(sheets -> CupShare.of(sheets, sought, alike))
                .toList();
    }

    /** Words of faults on either side that are not the cause's own. */
    private Set<String> others(
            Set<String> own,
            List<? extends Collection<? extends CuppingSheet>> before,
            List<? extends Collection<? extends CuppingSheet>> after) {
        return Stream.of(before, after)
                .flatMap(List::stream)
                .flatMap(Collection::stream)
                .flatMap(sheet -> sheet.words().stream())
                .map(note -> Vocabulary.plain(note.word()))
                .filter(word -> words.names(word) && !own.contains(word))
                .collect(Collectors.toSet());
    }

    private static OptionalDouble scoreChange(
            List<? extends Collection<? extends CuppingSheet>> before,
            List<? extends Collection<? extends CuppingSheet>> after) {
        OptionalDouble old = score(before);
        OptionalDouble now = score(after);
        return old.isPresent() && now.isPresent()
                ? OptionalDouble.of(now.getAsDouble() - old.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble score(List<? extends Collection<? extends CuppingSheet>> batches) {
        return batches.stream()
                .flatMap(Collection::stream)
                .map(CuppingSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .average();
    }

    private static String told(String what, List<CupShare> old, List<CupShare> now) {
        return "%s in %d of %d cups before, in %d of %d after"
                .formatted(what, CupShare.cups(old), CupShare.of(old), CupShare.cups(now), CupShare.of(now));
    }
}
