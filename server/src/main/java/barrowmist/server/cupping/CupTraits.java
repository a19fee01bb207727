package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.Drink.Serving;
import barrowmist.core.cupping.OffProtocol;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.green.Process;
import barrowmist.core.rest.Age;
import barrowmist.core.rest.Rest;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastLists.CuppedRoast;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is known of a cup beside what it says: its traits, by which it counts for more or less. */
@Component
class CupTraits {

    private final RoastLists roasts;
    private final RestSettings rest;
    private final HouseService house;
    private final ReferenceRoasts references;

    CupTraits(RoastLists roasts, RestSettings rest, HouseService house, ReferenceRoasts references) {
        this.roasts = roasts;
        this.rest = rest;
        this.house = house;
        this.references = references;
    }

    /** The traits of each of these sheets, read together. */
    Function<SheetEntity, Set<CupTrait>> of(Collection<SheetEntity> sheets) {
        Set<Long> ids =
                sheets.stream().flatMap(s -> Stream.ofNullable(s.roastId())).collect(Collectors.toSet());
        Map<Long, CuppedRoast> by =
                roasts.cupped(ids).stream().collect(Collectors.toMap(CuppedRoast::id, Function.identity()));
        Set<Long> held = ids.isEmpty() ? Set.of() : references.ids();
        List<TableProtocol> protocols = house.protocols();
        Function<Process, RestSchool> school = rest.schools();
        return s -> {
            EnumSet<CupTrait> out = EnumSet.noneOf(CupTrait.class);
            written(s, protocols, out);
            Long id = s.roastId();
            if (id != null && by.get(id) != null) {
                roasted(s, Objects.requireNonNull(by.get(id)), school, held.contains(id), out);
            }
            return out;
        };
    }

    private static void written(SheetEntity s, List<TableProtocol> protocols, Set<CupTrait> out) {
        CuppingEntity table = s.cupping();
        out.add(
                switch (s.form()) {
                    case HUNDRED_POINT -> CupTrait.HUNDRED_POINT;
                    case VALUE_ASSESSMENT -> CupTrait.AFFECTIVE;
                    case TRIAGE -> CupTrait.TRIAGE;
                });
        out.add(served(table.protocol()));
        out.add(s.sample().treatment() == null ? CupTrait.AS_IS : CupTrait.TREATED);
        out.add(table.blinding().blind() == Blindness.OPEN ? CupTrait.OPEN : CupTrait.BLIND);
        out.add(table.cups() == 1 ? CupTrait.ONE_CUP : CupTrait.SEVERAL_CUPS);
        out.addAll(OffProtocol.of(Preparation.ofTable(table), protocols));
    }

    private static CupTrait served(@Nullable Preparation how) {
        Serving serving = how == null ? Serving.BLACK : how.served();
        return switch (serving) {
            case BLACK -> CupTrait.BLACK;
            case MILK -> CupTrait.MILK;
            case ESPRESSO -> CupTrait.ESPRESSO;
        };
    }

    private static void roasted(
            SheetEntity s,
            CuppedRoast roast,
            Function<Process, RestSchool> school,
            boolean reference,
            Set<CupTrait> out) {
        out.add(
                switch (roast.kind()) {
                    case BATCH -> roast.production() ? CupTrait.BATCH : CupTrait.SAMPLE;
                    case PULL -> CupTrait.PULL;
                    case WARM_UP -> CupTrait.WARM_UP;
                    case PRACTICE -> CupTrait.PRACTICE;
                });
        LocalDate reworked = roast.reworkedOn();
        if (reworked != null
                && LocalDate.ofInstant(roast.roastedAt(), ZoneId.systemDefault())
                        .isBefore(reworked)) {
            out.add(CupTrait.BEFORE_REWORK);
        }
        if (reference) {
            out.add(CupTrait.REFERENCE);
        }
        out.add(age(Rest.ageH(roast.droppedAt(), s.cupping().cuppedAt()), school.apply(roast.process()), roast));
    }

    /** A cup before its roast, or within minutes of it, was entered without the time of its roast: nothing is said. */
    private static CupTrait age(double ageH, RestSchool school, CuppedRoast roast) {
        if (Age.faded(ageH)) {
            return CupTrait.PAST;
        }
        boolean believed = ageH >= Rest.BELIEVED_FROM_H;
        return believed && ageH < school.opensH(roast.process()) ? CupTrait.TOO_YOUNG : CupTrait.IN_WINDOW;
    }
}
