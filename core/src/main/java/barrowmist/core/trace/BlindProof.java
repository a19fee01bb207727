package barrowmist.core.trace;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * Whether a change has helped, by one blind table with the old roast and the new. The cups with a word of the fault are two
 * binomial shares with Jeffreys' prior; the cups of one cupper are not quite independent (Kish 1965: a design effect of
 * {@code 1 + (n − 1)·ρ}, ρ a house default). Pure.
 */
public final class BlindProof {

    /** Steps over the share of the cups, in which one is more than the other. */
    private static final int STEPS = 2000;

    private static final double JEFFREYS = 0.5;

    private final TraceRules rules;
    private final CauseTable table;
    private final CupWords words;

    public BlindProof(TraceRules rules) {
        this.rules = rules;
        this.table = new CauseTable(rules);
        this.words = new CupWords(rules, table);
    }

    /**
     * What came of a change; empty while either roast has no finished sheet on the table.
     *
     * @param cause what it was to mend
     * @param before finished sheets of the old roast, on this table alone
     * @param after of the new one
     */
    public Optional<Proof> of(
            Cause cause, Collection<? extends CuppingSheet> before, Collection<? extends CuppingSheet> after) {
        if (before.isEmpty() || after.isEmpty()) {
            return Optional.empty();
        }
        Set<String> own = table.words(cause).keySet();
        Share old = share(before, own, alike(cause.cups()));
        Share now = share(after, own, alike(cause.cups()));
        double helped = more(old.likely(), now.likely());
        Share oldOther = share(before, others(own, before, after), alike(Cause.Cups.ALL));
        Share nowOther = share(after, others(own, before, after), alike(Cause.Cups.ALL));
        double sure = rules.value("proof.sure");
        boolean gone = now.part() <= rules.value("proof.left") * old.part();
        double harmed = Math.max(more(now.likely(), old.likely()), more(nowOther.likely(), oldOther.likely()));
        Proof.Outcome outcome = harmed >= sure
                ? Proof.Outcome.WORSE
                : helped >= sure && gone ? Proof.Outcome.HELD : Proof.Outcome.NOT_SHOWN;
        String text = told(cause.label(), old, now);
        if (oldOther.cups + nowOther.cups > 0) {
            text += "; " + told("another fault", oldOther, nowOther);
        }
        return Optional.of(new Proof(
                outcome,
                outcome == Proof.Outcome.WORSE ? harmed : helped,
                old.cups,
                old.of,
                now.cups,
                now.of,
                scoreChange(before, after),
                text));
    }

    /** How alike the cups of one cupper are, for a fault that shows in so many of them. */
    private double alike(Cause.Cups cups) {
        return rules.value("proof.together-" + cups.name().toLowerCase(Locale.ROOT));
    }

    /**
     * Cups with a word.
     *
     * @param hits so many count as independent ones that have it
     * @param misses and as ones that have not
     */
    private record Share(int cups, int of, double hits, double misses) {
        double part() {
            return (double) cups / of;
        }

        BetaDistribution likely() {
            return new BetaDistribution(JEFFREYS + hits, JEFFREYS + misses);
        }
    }

    private static Share share(Collection<? extends CuppingSheet> sheets, Set<String> sought, double alike) {
        int cups = 0;
        int of = 0;
        double hits = 0;
        double misses = 0;
        for (CuppingSheet sheet : sheets) {
            int n = sheet.cups().size();
            int k = Math.min(n, (int) sheet.words().stream()
                    .filter(note -> sought.contains(Vocabulary.plain(note.word())))
                    .map(TasteNote::cups)
                    .flatMap(Set::stream)
                    .distinct()
                    .count());
            double each = 1 / (1 + (n - 1) * alike);
            cups += k;
            of += n;
            hits += k * each;
            misses += (n - k) * each;
        }
        return new Share(cups, of, hits, misses);
    }

    /** Words of faults on either side that are not the cause's own. */
    private Set<String> others(
            Set<String> own, Collection<? extends CuppingSheet> before, Collection<? extends CuppingSheet> after) {
        return List.of(before, after).stream()
                .flatMap(Collection::stream)
                .flatMap(sheet -> sheet.words().stream())
                .map(note -> Vocabulary.plain(note.word()))
                .filter(word -> words.names(word) && !own.contains(word))
                .collect(Collectors.toSet());
    }

    /** Probability that more of the one's cups have it than of the other's. */
    static double more(BetaDistribution a, BetaDistribution b) {
        double sum = 0;
        // over equal steps of the other's probability: both densities may have no bound at the ends
        for (int i = 1; i <= STEPS; i++) {
            double at = b.inverseCumulativeProbability((i - 0.5) / STEPS);
            sum += 1 - a.cumulativeProbability(at);
        }
        return sum / STEPS;
    }

    private static OptionalDouble scoreChange(
            Collection<? extends CuppingSheet> before, Collection<? extends CuppingSheet> after) {
        OptionalDouble old = score(before);
        OptionalDouble now = score(after);
        return old.isPresent() && now.isPresent()
                ? OptionalDouble.of(now.getAsDouble() - old.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble score(Collection<? extends CuppingSheet> sheets) {
        return sheets.stream()
                .map(CuppingSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .average();
    }

    private static String told(String what, Share old, Share now) {
        return "%s in %d of %d cups before, in %d of %d after".formatted(what, old.cups, old.of, now.cups, now.of);
    }
}
