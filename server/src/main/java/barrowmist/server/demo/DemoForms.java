package barrowmist.server.demo;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.TriageSheet;
import barrowmist.core.cupping.ValueScore;
import barrowmist.core.cupping.WordPlace;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.SheetContent.WordMark;
import barrowmist.server.cupping.SheetService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.LaidSample;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableViews.TableSampleView;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A handful of offers sorted in a line each, and the one that came through on the value form. */
@Component
class DemoForms {

    private static final String BEST = "Offer 71, Nyandolo Upper";

    private record Line(
            String offer,
            String cupper,
            TriageSheet.Verdict verdict,
            @Nullable String note,
            @Nullable String word) {}

    private static final List<Line> LINES = List.of(
            new Line(BEST, "Ines K.", TriageSheet.Verdict.THROUGH, "clear, like marzipan", "marzipan"),
            new Line(BEST, "Tobin W.", TriageSheet.Verdict.THROUGH, null, "honey"),
            new Line(
                    "Offer 72, Kampong Dua",
                    "Ines K.",
                    TriageSheet.Verdict.OUT,
                    "earthy in the nose already",
                    "earthy"),
            new Line("Offer 72, Kampong Dua", "Tobin W.", TriageSheet.Verdict.AGAIN, "some will want this", "earthy"),
            new Line("Offer 73, Alto Brejo", "Ines K.", TriageSheet.Verdict.AGAIN, "thin; another roast?", "thin"),
            new Line("Offer 73, Alto Brejo", "Tobin W.", TriageSheet.Verdict.AGAIN, null, "nutty"));

    /** What each cupper gave the sections of the value form, in its order. */
    private static final Map<String, List<Integer>> GIVEN =
            Map.of("Ines K.", List.of(7, 7, 8, 7, 7, 8, 6, 7), "Tobin W.", List.of(6, 7, 7, 6, 7, 7, 7, 7));

    private final CuppingService cuppings;
    private final SheetService sheets;
    private final Clock clock;

    DemoForms(CuppingService cuppings, SheetService sheets, Clock clock) {
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.clock = clock;
    }

    void seed() {
        triage();
        value();
    }

    private CuppingEntry entry(
            int daysAgo, TableKind kind, @Nullable CuppingForm form, int cups, List<String> coffees) {
        return new CuppingEntry(
                clock.instant().minus(Duration.ofDays(daysAgo)),
                cups,
                null,
                kind,
                form,
                Blindness.CODED,
                null,
                null,
                null,
                coffees.stream().map(name -> LaidSample.outside(name, 1)).toList());
    }

    private void triage() {
        List<String> offers = LINES.stream().map(Line::offer).distinct().toList();
        long id = cuppings.open(entry(10, TableKind.TRIAGE, null, 1, offers)).id();
        for (TableSampleView sample : cuppings.key(id).samples()) {
            LINES.stream().filter(l -> l.offer().equals(name(sample))).forEach(l -> say(id, sample.code(), l));
        }
        cuppings.reveal(id, new RevealEntry(null));
    }

    private static String name(TableSampleView sample) {
        return Objects.requireNonNull(sample.outside()).name();
    }

    private void say(long id, String code, Line line) {
        List<WordMark> words = line.word() == null ? List.of() : List.of(new WordMark(line.word(), List.of(1), null));
        sheets.add(
                id,
                new SheetEntry(
                        null,
                        code,
                        null,
                        line.cupper(),
                        null,
                        null,
                        null,
                        words,
                        null,
                        null,
                        line.note(),
                        line.verdict(),
                        null));
    }

    private void value() {
        long id = cuppings.open(entry(9, TableKind.SCORING, CuppingForm.VALUE_ASSESSMENT, 5, List.of(BEST)))
                .id();
        String code = cuppings.key(id).samples().get(0).code();
        GIVEN.forEach((cupper, given) -> {
            Map<String, Double> sections = new LinkedHashMap<>();
            for (ValueScore.Section s : ValueScore.Section.values()) {
                sections.put(s.field(), given.get(s.ordinal()).doubleValue());
            }
            List<WordMark> words = List.of(
                    new WordMark("marzipan", List.of(1, 2, 3, 4, 5), WordPlace.FLAVOUR_AFTERTASTE),
                    new WordMark("floral", List.of(1, 2, 3, 4, 5), WordPlace.FRAGRANCE_AROMA));
            sheets.add(
                    id,
                    new SheetEntry(
                            null,
                            code,
                            null,
                            cupper,
                            null,
                            sections,
                            null,
                            words,
                            Map.of("acidity", 9, "sweetness", 11),
                            null,
                            null,
                            null,
                            null));
        });
        cuppings.reveal(id, new RevealEntry(null));
    }
}
