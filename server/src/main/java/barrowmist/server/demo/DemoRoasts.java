package barrowmist.server.demo;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.green.LotRules;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.SheetContent.CupMark;
import barrowmist.server.cupping.SheetContent.WordMark;
import barrowmist.server.cupping.SheetService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.roast.ImportRequest;
import barrowmist.server.roast.ImportService;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastView;
import barrowmist.server.sample.SampleService;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Puts one roast of the demo laboratory in: its log, its bench, its cup. */
@Component
class DemoRoasts {

    private static final int CUPS = 5;

    private final RoastService roasts;
    private final ImportService logs;
    private final SampleService samples;
    private final CuppingService cuppings;
    private final SheetService sheets;
    private final Clock clock;

    DemoRoasts(
            RoastService roasts,
            ImportService logs,
            SampleService samples,
            CuppingService cuppings,
            SheetService sheets,
            Clock clock) {
        this.roasts = roasts;
        this.logs = logs;
        this.samples = samples;
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.clock = clock;
    }

    /** Keeps it; {@code index} says by whom it was cupped, and how its log strays. */
    long seed(DemoRoast demo, LotRules.Entry lot, long lotId, long machineId, LocalDateTime at, int index) {
        String csv = DemoLab.by(index) + demo.curve().csv(at.toString(), lot, index + 1L);
        byte[] log = csv.getBytes(StandardCharsets.UTF_8);
        RoastView roast = logs.importLog(
                lotId,
                log,
                new ImportRequest(machineId, null, null, Optional.empty(), null, null, ReadOptions.NONE, false));
        if (demo.accepted()) {
            roasts.accept(roast.id(), true);
        }
        if (demo.bench() != null) {
            samples.keep(
                    roast.id(), demo.bench().strayed(index).entry(demo.curve().greenG(index + 1L)));
        }
        if (demo.cup() != null) {
            Instant cuppedAt =
                    at.plusHours(demo.cup().restHours()).atZone(clock.getZone()).toInstant();
            cup(demo.cup(), roast.id(), cuppedAt, DemoLab.CUPPERS.get(index % DemoLab.CUPPERS.size()));
        }
        return roast.id();
    }

    private void cup(DemoRoast.Cup cup, long roastId, Instant cuppedAt, String cupper) {
        long cuppingId = cuppings.open(CuppingEntry.open(cuppedAt, CUPS, List.of(roastId)))
                .id();
        Map<String, Double> scores = new LinkedHashMap<>();
        for (Attribute a : Attribute.values()) {
            scores.put(a.code(), cup.scores()[a.ordinal()]);
        }
        List<CupMark> marks = IntStream.rangeClosed(1, CUPS)
                .mapToObj(n -> new CupMark(true, true, n <= cup.sweetCups(), Cup.Defect.NONE, null))
                .toList();
        List<Integer> allCups = IntStream.rangeClosed(1, CUPS).boxed().toList();
        List<WordMark> words =
                cup.words().stream().map(w -> new WordMark(w, allCups, null)).toList();
        sheets.add(cuppingId, SheetEntry.of(roastId, null, cupper, scores, marks, words));
    }
}
