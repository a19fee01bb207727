package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.TableEntries.OutsideCoffee;
import barrowmist.server.cupping.TableEntries.PlaceEntry;
import barrowmist.server.cupping.TableViews.TableSampleView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Tables whose cups were shuffled by hand: until they are turned over, nobody knows what stands where. */
@Service
@KeptInTurn
class UndersideService {

    private static final int CUPS_A_SET = 3;

    private final Tables tables;
    private final SheetRepository sheets;
    private final CupSetRepository sets;
    private final Clock clock;

    UndersideService(Tables tables, SheetRepository sheets, CupSetRepository sets, Clock clock) {
        this.tables = tables;
        this.sets = sets;
        this.sheets = sheets;
        this.clock = clock;
    }

    /** What was laid, in an order that says nothing of the places; without codes. */
    List<TableSampleView> laid(CuppingEntity table) {
        return table.samples().stream()
                .map(CuppingSampleEntity::what)
                .sorted(Comparator.comparing(TableSample::toString))
                .map(w -> new TableSampleView("", w.mark(), w.roastId(), w.outside(), w.treatment(), w.entrant()))
                .toList();
    }

    /**
     * Says what stands at which place, of everything that was laid; may be mended until the reveal.
     *
     * @throws Conflict if this table was not shuffled by hand, or is revealed
     */
    void match(long id, List<PlaceEntry> places) {
        CuppingEntity table = tables.get(id);
        if (table.blinding().blind() != Blindness.UNDERSIDE || table.told()) {
            throw new Conflict(
                    "Only cups that were shuffled by hand are matched, and only before the reveal.", Map.of());
        }
        if (table.kind() == TableKind.TRIANGLE) {
            matchSets(table, places);
        } else {
            matchPlaces(table, places);
        }
        table.blinding().matched(clock.instant());
    }

    private void matchPlaces(CuppingEntity table, List<PlaceEntry> places) {
        List<TableSample> left = new ArrayList<>(
                table.samples().stream().map(CuppingSampleEntity::what).toList());
        List<TableSample> at = new ArrayList<>();
        for (CuppingSampleEntity sample : table.samples()) {
            at.add(taken(left, named(places, sample.code())));
        }
        for (int i = 0; i < at.size(); i++) {
            table.samples().get(i).put(at.get(i));
        }
        settle(table);
    }

    /** Of each set two cups hold one of the coffees and one holds the other. */
    private void matchSets(CuppingEntity table, List<PlaceEntry> places) {
        for (CupSetEntity set : sets.findAllByCuppingIdOrderByNumber(table.id())) {
            List<PlaceEntry> cups = places.stream()
                    .filter(p -> Objects.equals(p.set(), set.number()))
                    .toList();
            List<Boolean> second = new ArrayList<>();
            for (int place = 1; place <= CUPS_A_SET; place++) {
                PlaceEntry cup = named(cups, String.valueOf(place));
                second.add(isSecond(table, cup));
            }
            if (second.stream().distinct().count() != 2) {
                throw new InputProblems(
                        "places", "Set " + set.number() + " has three cups of one coffee: look under them again");
            }
            set.serve(second);
        }
    }

    private static boolean isSecond(CuppingEntity table, PlaceEntry cup) {
        List<TableSample> both =
                table.samples().stream().map(CuppingSampleEntity::what).toList();
        boolean first = stands(both.get(0), cup);
        if (first == stands(both.get(1), cup)) {
            throw new InputProblems(
                    "places", "Cup " + cup.place() + " of set " + cup.set() + " is none of the two that were laid");
        }
        return !first;
    }

    /** Every sheet is of what stands at its place; at the reveal once more, for one that was opened at the same moment. */
    void settle(CuppingEntity table) {
        sheets.findAllByCuppingIdOrderById(table.id()).forEach(SheetEntity::matched);
    }

    private static PlaceEntry named(List<PlaceEntry> places, String place) {
        List<PlaceEntry> there = places.stream()
                .filter(p -> place.equals(String.valueOf(p.place())))
                .toList();
        if (there.size() != 1) {
            throw new InputProblems("places", "Place " + place + " is named " + there.size() + " times, expected once");
        }
        return there.get(0);
    }

    /** Takes what stands there out of what is left of the table. */
    private static TableSample taken(List<TableSample> left, PlaceEntry entry) {
        TableSample found = left.stream()
                .filter(w -> stands(w, entry))
                .findFirst()
                .orElseThrow(() -> new InputProblems(
                        "places",
                        "What is said to stand at place " + entry.place()
                                + " was not laid, or stands elsewhere already"));
        left.remove(found);
        return found;
    }

    /** By what stands under the cup, or by what is in it. */
    private static boolean stands(TableSample laid, PlaceEntry entry) {
        return entry.mark() != null
                ? entry.mark().strip().equalsIgnoreCase(laid.mark())
                : Objects.equals(laid.roastId(), entry.roastId())
                        && Objects.equals(name(laid), entry.name())
                        && Objects.equals(laid.treatment(), entry.treatment());
    }

    private static @Nullable String name(TableSample what) {
        return Optional.ofNullable(what.outside()).map(OutsideCoffee::name).orElse(null);
    }
}
