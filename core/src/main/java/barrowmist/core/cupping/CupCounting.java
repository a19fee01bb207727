package barrowmist.core.cupping;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a cup counts for. One table for the whole program: a row for each {@link CupTrait}, a column for each {@link CupUse}.
 * A cup has many traits, and its answer is the strictest of their rows; no two rows are ever combined otherwise. The cells
 * are common practice, no published source; whoever uses cups asks here and nowhere else.
 */
public final class CupCounting {

    /** A cell, the strictest last. */
    public enum Answer {
        /** It counts. */
        YES,
        /** It is told, and never in one figure with those that count. */
        APART,
        /** It does not count. */
        NO
    }

    /*
     * A pull was dropped early on purpose, milk hides acidity, a sorted sample tells of the sorting, a triage gives no words and
     * no score that lasts. The two forms are two scales. A roast that is cupped too young or long after tells of its age; with
     * no other cup its own age is weighed in the trace. Preparation that is off is evidence in a trace and spoils a comparison.
     */
    private static final String TABLE = """
            trait         trace usual decision report supplier patterns ageing cupper over-time today search export
            hundred-point yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            affective     yes   yes   apart    apart  apart    yes      apart  apart  yes       yes   yes    apart
            triage        no    no    no       no     no       no       no     no     no        no    no     no
            black         yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            milk          no    no    apart    apart  no       no       apart  apart  no        no    no     apart
            espresso      no    no    apart    apart  no       no       apart  apart  no        no    no     apart
            sample        yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            batch         yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            pull          no    no    no       no     no       no       no     yes    no        no    no     yes
            warm-up       no    no    no       no     no       no       no     yes    no        no    no     yes
            reference     yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            practice      no    no    no       no     no       no       no     apart  no        no    no     apart
            too-young     apart no    apart    apart  no       no       yes    yes    no        yes   yes    yes
            in-window     yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            past          apart no    apart    apart  no       no       yes    yes    no        no    yes    apart
            before-rework yes   yes   apart    apart  apart    yes      yes    yes    yes       yes   yes    yes
            as-is         yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            treated       no    no    no       apart  no       no       no     yes    no        no    no     apart
            water-off     yes   no    apart    apart  no       no       apart  yes    no        yes   yes    yes
            dose-off      yes   no    apart    apart  no       no       apart  yes    no        yes   yes    yes
            grind-off     yes   no    apart    apart  no       no       apart  yes    no        yes   yes    yes
            blind         yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            open          yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            several-cups  yes   yes   yes      yes    yes      yes      yes    yes    yes       yes   yes    yes
            one-cup       yes   no    yes      yes    yes      no       yes    yes    yes       yes   yes    yes
            """;

    private static final Map<CupTrait, Map<CupUse, Answer>> CELLS = read();

    private CupCounting() {}

    /** The cell of one trait. */
    public static Answer of(CupTrait trait, CupUse use) {
        return Objects.requireNonNull(Objects.requireNonNull(CELLS.get(trait)).get(use));
    }

    /** What a cup with these traits counts for: the strictest of their rows. */
    public static Answer of(Collection<CupTrait> traits, CupUse use) {
        return traits.stream().map(t -> of(t, use)).max(Answer::compareTo).orElse(Answer.YES);
    }

    /** The trait that keeps such a cup from counting, the strictest and first of them; empty where it counts. */
    public static Optional<CupTrait> reason(Collection<CupTrait> traits, CupUse use) {
        Answer answer = of(traits, use);
        return answer == Answer.YES
                ? Optional.empty()
                : traits.stream().filter(t -> of(t, use) == answer).sorted().findFirst();
    }

    private static Map<CupTrait, Map<CupUse, Answer>> read() {
        List<String[]> lines = TABLE.lines().map(l -> l.strip().split("\\s+")).toList();
        Map<CupTrait, Map<CupUse, Answer>> cells = new EnumMap<>(CupTrait.class);
        for (String[] row : lines.subList(1, lines.size())) {
            Map<CupUse, Answer> answers = new EnumMap<>(CupUse.class);
            for (int i = 1; i < row.length; i++) {
                answers.put(CupUse.valueOf(name(lines.get(0)[i])), Answer.valueOf(name(row[i])));
            }
            cells.put(CupTrait.valueOf(name(row[0])), answers);
        }
        return cells;
    }

    private static String name(String word) {
        return word.toUpperCase(Locale.ROOT).replace('-', '_');
    }
}
