package barrowmist.server.cupping;

import barrowmist.core.cupping.SampleNeeds;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.rest.Rest;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.cupping.TableViews.RestWarning;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.rest.ShelfService;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.BenchVerdicts;
import barrowmist.server.sample.SampleService;
import java.time.Clock;
import java.time.Duration;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What is to be said of the roasts on a table before the pour, by rest, grams and bench: warnings, never refusals. */
@Component
class TableWarnings {

    /** Of a triangle's sample two cups a set are prepared, and one of the four is left out. */
    private static final int CUPS_A_SET = 2;

    /** What lies farther apart is another session (house default). */
    private static final Duration SESSION = Duration.ofHours(6);

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final RoastService roasts;
    private final RestSettings rest;
    private final ShelfService shelf;
    private final SampleService bench;
    private final BenchVerdicts verdicts;
    private final CupSetRepository sets;
    private final CuppingRepository cuppings;
    private final Clock clock;

    TableWarnings(
            RoastService roasts,
            RestSettings rest,
            ShelfService shelf,
            SampleService bench,
            BenchVerdicts verdicts,
            CupSetRepository sets,
            CuppingRepository cuppings,
            Clock clock) {
        this.roasts = roasts;
        this.rest = rest;
        this.shelf = shelf;
        this.bench = bench;
        this.verdicts = verdicts;
        this.sets = sets;
        this.cuppings = cuppings;
        this.clock = clock;
    }

    List<RestWarning> of(CuppingEntity table) {
        return of(table, table.kind() == TableKind.TRIANGLE ? sets.countByCuppingId(table.id()) : 0);
    }

    /** @param served sets of a triangle, of a table that may be kept nowhere yet */
    List<RestWarning> of(CuppingEntity table, int served) {
        return table.roastIds().stream()
                .map(roasts::get)
                .flatMap(r -> Stream.of(
                                rested(table, r),
                                grams(table, r, served),
                                verdicts.warning(r.id()),
                                elsewhere(table, r))
                        .flatMap(Optional::stream)
                        .map(text -> new RestWarning(r.id(), text)))
                .toList();
    }

    private Optional<String> elsewhere(CuppingEntity table, RoastEntity roast) {
        return cuppings
                .openWith(
                        roast.id(),
                        table.cuppedAt().minus(SESSION),
                        table.cuppedAt().plus(SESSION))
                .stream()
                // within one transaction a table is one object
                .filter(other -> other != table)
                .findFirst()
                .map(other -> "It stands on another table that is not finished, of "
                        + WHEN.format(other.cuppedAt().atZone(clock.getZone()))
                        + ": take care that its cups are counted once.");
    }

    private Optional<String> rested(CuppingEntity table, RoastEntity roast) {
        RestSchool school = rest.school(roast.lot().process());
        return Rest.of(school, roast.lot().process(), Rest.ageH(roast.droppedAt(), table.cuppedAt()))
                .warning(school);
    }

    private Optional<String> grams(CuppingEntity table, RoastEntity roast, int served) {
        int codes = (int) table.samples().stream()
                .filter(s -> Objects.equals(s.roastId(), roast.id()))
                .count();
        int cups = table.kind() == TableKind.TRIANGLE ? CUPS_A_SET * served : table.cups();
        double dose = SampleNeeds.doseG(Preparation.ofTable(table));
        return new SampleNeeds(dose, cups * codes, codes)
                .warning(bench.figures(roast.id()).roastedG(), shelf.keptG(roast.id()));
    }
}
