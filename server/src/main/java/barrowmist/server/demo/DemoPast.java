package barrowmist.server.demo;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.green.LotRules;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.SheetContent.WordMark;
import barrowmist.server.cupping.SheetService;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableViews.TableSampleView;
import barrowmist.server.demo.DemoBatch.Coffee;
import barrowmist.server.demo.DemoBatch.Hand;
import barrowmist.server.demo.DemoSeason.Past;
import barrowmist.server.green.LotService;
import barrowmist.server.plan.ChangedPlans;
import barrowmist.server.proof.ProofService;
import barrowmist.server.trace.NextRoastService;
import barrowmist.server.trace.TraceService;
import barrowmist.server.trace.VerdictService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The season before, with what the lead held of its cups, and two changes that were put to the proof. */
@Component
@ConditionalOnProperty(name = "barrowmist.demo", havingValue = "true")
class DemoPast {

    private static final int CUPS = 5;
    private static final LocalTime AT = LocalTime.of(14, 20);

    /** From one roast to the next. */
    private static final long MINUTES = 20;

    private static final int FIRST_SEED = 200;

    /** Place of the lot that got wet. */
    private static final int MUSTY = 3;

    private final LotService lots;
    private final DemoGreen green;
    private final DemoRoasts each;
    private final TraceService traces;
    private final VerdictService verdicts;
    private final NextRoastService next;
    private final ChangedPlans plans;
    private final ProofService proofs;
    private final CuppingService cuppings;
    private final SheetService sheets;

    DemoPast(
            LotService lots,
            DemoGreen green,
            DemoRoasts each,
            TraceService traces,
            VerdictService verdicts,
            NextRoastService next,
            ChangedPlans plans,
            ProofService proofs,
            CuppingService cuppings,
            SheetService sheets) {
        this.lots = lots;
        this.green = green;
        this.each = each;
        this.traces = traces;
        this.verdicts = verdicts;
        this.next = next;
        this.plans = plans;
        this.proofs = proofs;
        this.cuppings = cuppings;
        this.sheets = sheets;
    }

    /** A change, what it was made of, how often either was roasted, and what the blind table said. */
    private record Change(DemoRoast before, DemoRoast after, int batches, Tasted tasted) {}

    /** How both taste on the blind table: points an attribute, words, and in how many cups. */
    private record Tasted(double before, double after, int cupsBefore, int cupsAfter, List<String> words) {}

    /** A charge that was too hot, and is not any more; and a crash that was mended by half. */
    private static List<Change> changes() {
        return List.of(
                new Change(
                        roast(1, 6, new DemoBatch(Coffee.NATURAL, 200.2, 0, 98, Hand.HOT_START), 12, "ashy", "burnt"),
                        roast(1, 3, new DemoBatch(Coffee.NATURAL, 188.4, 0, 98, Hand.STEADY), 0),
                        3,
                        new Tasted(6.75, 7.75, 5, 0, List.of("ashy", "burnt"))),
                new Change(
                        roast(2, 5, new DemoBatch(Coffee.WASHED, 190.8, 0, 106, Hand.CRASH), 0, "flat", "bready"),
                        roast(2, 2, new DemoBatch(Coffee.WASHED, 190.5, 0, 104, Hand.CRASH), 0),
                        1,
                        new Tasted(7, 7, 5, 4, List.of("flat", "papery"))));
    }

    private static DemoRoast roast(int lot, int daysAgo, DemoBatch batch, int scorched, String... words) {
        DemoRoast.Bench bench = new DemoRoast.Bench(12.8, 58, 62, 0, scorched, 0, true);
        DemoRoast.Cup cup = words.length == 0 ? null : DemoRoast.cup(lot == 1 ? 47 : 24, 6.75, 3, words);
        return new DemoRoast(lot, daysAgo, batch, false, bench, cup);
    }

    void seed(long machineId, LocalDate today) {
        List<LotRules.Entry> entries = DemoSeason.lots(today);
        List<Long> lotIds = entries.stream().map(entry -> lots.add(entry).id()).toList();
        int seed = FIRST_SEED;
        for (Past past : DemoSeason.roasts()) {
            long id = seed(past.roast(), entries, lotIds, machineId, today.atTime(AT), seed++);
            past.held()
                    .ifPresent(v -> verdicts.give(
                            id, v.cause().code(), v.why(), traces.traced(id).first()));
        }
        for (Change change : changes()) {
            List<Long> old = new ArrayList<>();
            List<Long> changed = new ArrayList<>();
            for (int i = 0; i < change.batches; i++) {
                DemoRoast again = i == 0 ? change.before : change.before.uncupped();
                old.add(seed(again, entries, lotIds, machineId, today.atTime(AT.plusMinutes(MINUTES * i)), seed++));
            }
            long plan = next.plan(old.get(0), traces.traced(old.get(0)), null);
            for (int i = 0; i < change.batches; i++) {
                changed.add(seed(
                        change.after, entries, lotIds, machineId, today.atTime(AT.plusMinutes(MINUTES * i)), seed++));
                plans.followed(changed.get(i), plan);
            }
            prove(old, changed, change.tasted);
            old.forEach(id -> verdicts.settle(id, true));
        }
        green.musty(lotIds.get(MUSTY), today);
        seed(
                new DemoRoast(
                        MUSTY,
                        3,
                        new DemoBatch(Coffee.WET_HULLED, 186.2, 2, 98, Hand.STEADY),
                        false,
                        new DemoRoast.Bench(13.4, 58, 63, 1, 0, 0, true),
                        DemoRoast.cup(27, 6.5, 4, "musty", "earthy")),
                entries,
                lotIds,
                machineId,
                today.atTime(AT),
                seed);
    }

    private long seed(
            DemoRoast roast,
            List<LotRules.Entry> entries,
            List<Long> lotIds,
            long machineId,
            LocalDateTime now,
            int seed) {
        return each.seed(
                roast,
                entries.get(roast.lot()),
                lotIds.get(roast.lot()),
                machineId,
                now.minusDays(roast.daysAgo()),
                seed);
    }

    private void prove(List<Long> before, List<Long> after, Tasted tasted) {
        long table = proofs.lay(before.get(0), before.subList(1, before.size()), after);
        for (TableSampleView sample : cuppings.key(table).samples()) {
            boolean old = before.contains(Objects.requireNonNull(sample.roastId()));
            for (String cupper : DemoLab.CUPPERS) {
                sheets.add(
                        table,
                        SheetEntry.of(
                                null,
                                sample.code(),
                                cupper,
                                scores(old ? tasted.before : tasted.after),
                                null,
                                words(tasted.words, old ? tasted.cupsBefore : tasted.cupsAfter)));
            }
        }
        cuppings.reveal(table, new RevealEntry(null));
    }

    private static Map<String, Double> scores(double each) {
        return Arrays.stream(Attribute.values()).collect(Collectors.toMap(Attribute::code, a -> each));
    }

    private static List<WordMark> words(List<String> words, int cups) {
        List<Integer> in =
                IntStream.rangeClosed(1, Math.min(cups, CUPS)).boxed().toList();
        return cups == 0
                ? List.of(new WordMark(
                        "sweet", IntStream.rangeClosed(1, CUPS).boxed().toList(), null))
                : words.stream().map(w -> new WordMark(w, in, null)).toList();
    }
}
