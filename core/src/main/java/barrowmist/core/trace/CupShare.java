package barrowmist.core.trace;

import barrowmist.core.check.ShareDifference;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Cups of one batch with a word.
 *
 * @param hits so many count as independent ones that have it
 * @param counts of so many that count as independent
 */
record CupShare(int cups, int of, double hits, double counts) {
    double part() {
        return (double) cups / of;
    }

    static int cups(List<CupShare> all) {
        return all.stream().mapToInt(CupShare::cups).sum();
    }

    static int of(List<CupShare> all) {
        return all.stream().mapToInt(CupShare::of).sum();
    }

    static ShareDifference difference(List<CupShare> old, List<CupShare> now) {
        return ShareDifference.of(
                sum(old, CupShare::hits),
                sum(old, CupShare::counts),
                sum(now, CupShare::hits),
                sum(now, CupShare::counts));
    }

    private static double sum(List<CupShare> all, ToDoubleFunction<CupShare> of) {
        return all.stream().mapToDouble(of).sum();
    }

    /**
     * Of one batch.
     *
     * @param alike how alike the cups of one cupper are, 0 to 1
     */
    static CupShare of(Collection<? extends CuppingSheet> sheets, Set<String> sought, double alike) {
        int cups = 0;
        int of = 0;
        double hits = 0;
        double counts = 0;
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
            counts += n * each;
        }
        return new CupShare(cups, of, hits, counts);
    }
}
