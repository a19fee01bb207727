package barrowmist.server.demo;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.CupSetEntity;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.DifferenceService;
import barrowmist.server.cupping.KeyViews.TableKey;
import barrowmist.server.cupping.SensoryViews.AnswerEntry;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.cupping.SheetContent.WordMark;
import barrowmist.server.cupping.SheetService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.LaidSample;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableViews.TableSampleView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A month of blind tables by three cuppers who differ and two triangles. */
@Component
class DemoTables {

    private static final int CUPS = 5;
    private static final int WEEKS = 3;
    /** Uniformity, clean cup and sweetness of a coffee without a fault, points. */
    private static final double CLEAN = 30;

    /** Where all three cuppers begin, points an attribute. */
    private static final double USUAL = 7.5;

    /** How much one attribute strays from a cupper's own mean, points. */
    private static final double STRAY = 0.12;

    /**
     * @param offset how much kinder or stricter than the others, points an attribute
     * @param scale how much of the scale is used, 1 as the others
     */
    private record Cupper(String name, double offset, double scale) {}

    private static final List<Cupper> CUPPERS = List.of(
            new Cupper("Ines K.", 0.05, 1.0), new Cupper("Tobin W.", 0.1, 0.35), new Cupper("Marit O.", -0.3, 1.1));

    /** Offers by post, with the score that they are worth and the word that comes first. */
    private static final List<Offer> OFFERS = List.of(
            new Offer("Offer 61, Tambwe Ridge", 85.5, "berry"),
            new Offer("Offer 62, Ulu Sepang", 81, "earthy"),
            new Offer("Offer 63, Vereda Mansa", 83.25, "caramel"),
            new Offer("Offer 64, Kibanga Lower", 79, "papery"));

    private record Offer(String name, double worth, String word) {}

    private final CuppingService cuppings;
    private final SheetService sheets;
    private final DifferenceService differences;
    private final Clock clock;

    DemoTables(CuppingService cuppings, SheetService sheets, DifferenceService differences, Clock clock) {
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.differences = differences;
        this.clock = clock;
    }

    /** @param roastId the roast that is cupped once as it is and once with its quakers picked out */
    void seed(long roastId) {
        for (int week = WEEKS; week >= 1; week--) {
            offers(clock.instant().minus(Duration.ofDays(7L * week)), week);
        }
        LaidSample asItIs = LaidSample.ofRoast(roastId, null);
        triangle(List.of(asItIs, LaidSample.ofRoast(roastId, "quakers picked out")), 15, 12);
        triangle(List.of(asItIs, LaidSample.ofRoast(roastId, "water 210 ppm")), 7, 9);
    }

    private static CuppingEntry entry(Instant when, TableKind kind, @Nullable Integer sets, List<LaidSample> samples) {
        return new CuppingEntry(when, CUPS, null, kind, null, Blindness.CODED, sets, null, null, samples);
    }

    /** The first offer lies twice: does the table agree with itself? */
    private void offers(Instant when, int week) {
        List<LaidSample> samples = IntStream.range(0, OFFERS.size())
                .mapToObj(i -> LaidSample.outside(OFFERS.get(i).name(), i == 0 ? 2 : 1))
                .toList();
        long id = cuppings.open(entry(when, TableKind.SCORING, null, samples)).id();
        Random chance = new Random(week);
        for (TableSampleView sample : cuppings.key(id).samples()) {
            Offer offer = OFFERS.stream()
                    .filter(o -> o.name()
                            .equals(Objects.requireNonNull(sample.outside()).name()))
                    .findFirst()
                    .orElseThrow();
            CUPPERS.forEach(c -> score(id, sample.code(), c, offer, chance));
        }
        cuppings.reveal(id, new RevealEntry(null));
    }

    private void score(long id, String code, Cupper cupper, Offer offer, Random chance) {
        double mean = (offer.worth() - CLEAN) / Attribute.values().length;
        double given = USUAL + cupper.offset() + cupper.scale() * (mean - USUAL);
        Map<String, Double> scores = new LinkedHashMap<>();
        for (Attribute a : Attribute.values()) {
            scores.put(a.code(), Math.round(4 * (given + STRAY * chance.nextGaussian())) / 4.0);
        }
        List<Integer> cups = IntStream.rangeClosed(1, CUPS).boxed().toList();
        List<WordMark> words = chance.nextInt(4) == 0 ? List.of() : List.of(new WordMark(offer.word(), cups, null));
        sheets.add(id, SheetEntry.of(null, code, cupper.name(), scores, null, words));
    }

    private void triangle(List<LaidSample> samples, int right, int daysAgo) {
        int sets = 18;
        Instant when = clock.instant().minus(Duration.ofDays(daysAgo));
        long id = cuppings.open(entry(when, TableKind.TRIANGLE, sets, samples)).id();
        TableKey key = cuppings.key(id);
        String treated = key.samples().stream()
                .filter(s -> s.treatment() != null)
                .map(TableSampleView::code)
                .findFirst()
                .orElseThrow();
        for (ServedSet set : key.sets()) {
            int single = set.odd().orElseThrow();
            int odd = set.set() <= right ? single : single % 3 + 1;
            String cupper = CUPPERS.get(set.set() % CUPPERS.size()).name();
            // who tells them apart finds what was treated sweeter, all but one of them
            boolean second = set.codes().get(single - 1).equals(treated) != (set.set() == 2);
            CupSetEntity.Side side = second ? CupSetEntity.Side.ODD : CupSetEntity.Side.PAIR;
            String what = set.set() == 1 ? "cleaner, sweeter" : null;
            differences.answer(id, new AnswerEntry(cupper, set.set(), odd, what, side, side));
        }
        cuppings.reveal(id, new RevealEntry(null));
    }
}
