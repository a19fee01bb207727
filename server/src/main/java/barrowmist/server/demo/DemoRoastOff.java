package barrowmist.server.demo;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.green.Process;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.GuessService;
import barrowmist.server.cupping.PreferenceService;
import barrowmist.server.cupping.PreferenceViews.GuessEntry;
import barrowmist.server.cupping.PreferenceViews.RankingEntry;
import barrowmist.server.cupping.RankingEntity.Party;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.LaidSample;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableViews.CuppingView;
import barrowmist.server.cupping.TableViews.TableSampleView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** An evening with guests: which of three roasts is liked best? */
@Component
class DemoRoastOff {

    private static final int CUPS = 5;

    private final CuppingService cuppings;
    private final PreferenceService preferences;
    private final GuessService guesses;
    private final Clock clock;

    DemoRoastOff(CuppingService cuppings, PreferenceService preferences, GuessService guesses, Clock clock) {
        this.cuppings = cuppings;
        this.preferences = preferences;
        this.guesses = guesses;
        this.clock = clock;
    }

    /**
     * Somebody at the roast-off.
     *
     * @param order best first, by place in the list of what is laid
     * @param origin what was guessed from the green
     */
    private record Taster(
            String name,
            Party party,
            List<Integer> order,
            @Nullable String origin,
            @Nullable Process process) {}

    private static final List<Taster> TASTERS = List.of(
            new Taster("Marit O.", Party.HOUSE, List.of(0, 1, 2), null, null),
            new Taster("Tobin W.", Party.HOUSE, List.of(1, 0, 2), null, null),
            new Taster("Guest 1", Party.GUEST, List.of(0, 2, 1), "Burundi", Process.WASHED),
            new Taster("Guest 2", Party.GUEST, List.of(0, 1, 2), null, Process.WASHED),
            new Taster("Guest 3", Party.GUEST, List.of(0, 1, 2), "Brazil", null),
            new Taster("Guest 4", Party.GUEST, List.of(0, 2, 1), null, null),
            new Taster("Café at the weir", Party.TRADE, List.of(0, 1, 2), "Rwanda", Process.WASHED),
            new Taster("Bakery Lund", Party.TRADE, List.of(0, 2, 1), null, null),
            new Taster("Guest 5", Party.GUEST, List.of(0, 1, 2), null, null));

    /** Three roasts of one lot, two of them entries of people who taste too. */
    void seed(List<Long> roastIds) {
        List<LaidSample> entries = List.of(
                LaidSample.ofRoast(roastIds.get(0), null).by("Marit O."),
                LaidSample.ofRoast(roastIds.get(1), null).by("Tobin W."),
                LaidSample.ofRoast(roastIds.get(2), null));
        Instant when = clock.instant().minus(Duration.ofDays(4));
        CuppingView table = cuppings.open(new CuppingEntry(
                when, CUPS, null, TableKind.ROAST_OFF, null, Blindness.CODED, null, null, null, entries));
        Map<Long, String> codes = cuppings.key(table.id()).samples().stream()
                .collect(Collectors.toMap(s -> Objects.requireNonNull(s.roastId()), TableSampleView::code));
        for (Taster t : TASTERS) {
            List<String> order = t.order().stream()
                    .map(place -> Objects.requireNonNull(codes.get(roastIds.get(place))))
                    .toList();
            if (t.origin() != null || t.process() != null) {
                guesses.guess(table.id(), new GuessEntry(t.name(), t.origin(), t.process()));
            }
            preferences.rank(table.id(), new RankingEntry(t.name(), order, t.party()));
        }
        cuppings.reveal(table.id(), new RevealEntry(null));
    }
}
