package barrowmist.server.cupping;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.LeftOut;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.rest.CuppedRoasts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was cupped: finished sheets of tables that may be told, for those who use them. Each says what for, and gets what
 * counts there by {@link CupCounting}, what is told apart, and why the rest is left out.
 */
@Service
@Transactional(readOnly = true)
public class CuppedSheets implements CuppedRoasts {

    private static final int LISTED = 500;

    private final SheetRepository sheets;
    private final HouseService house;
    private final LabVocabulary words;
    private final CupTraits traits;

    CuppedSheets(SheetRepository sheets, HouseService house, LabVocabulary words, CupTraits traits) {
        this.sheets = sheets;
        this.house = house;
        this.words = words;
        this.traits = traits;
    }

    /** Sheets of a lot. */
    public CupReading ofLot(long lotId, CupUse use) {
        return read(sheets.toldOfLot(lotId), use);
    }

    /** Sheets of one roast. */
    public CupReading ofRoast(long roastId, CupUse use) {
        return read(sheets.toldOfRoast(roastId), use);
    }

    /** Sheets of one table, of its roasts; none until it is revealed. */
    public CupReading ofTable(long cuppingId, CupUse use) {
        return read(sheets.toldOfTable(cuppingId), use);
    }

    /** Sheets of these roasts. */
    CupReading ofRoasts(Collection<Long> roastIds, CupUse use) {
        return roastIds.isEmpty()
                ? new CupReading(List.of(), List.of(), List.of())
                : read(sheets.toldOfRoasts(roastIds), use);
    }

    private CupReading read(List<SheetEntity> told, CupUse use) {
        List<SheetEntity> finished = told.stream()
                .filter(s -> s.roastId() != null && s.sheet().finalScore().isPresent())
                .toList();
        Function<SheetEntity, Set<CupTrait>> traitsOf = traits.of(finished);
        List<ToldSheet> counted = new ArrayList<>();
        List<ToldSheet> apart = new ArrayList<>();
        LeftOut leftOut = new LeftOut();
        for (SheetEntity s : finished) {
            Set<CupTrait> of = traitsOf.apply(s);
            Answer answer = CupCounting.of(of, use);
            if (answer != Answer.NO) {
                (answer == Answer.YES ? counted : apart).add(told(s, of));
            }
            CupCounting.reason(of, use).ifPresent(why -> leftOut.add(answer, why));
        }
        return new CupReading(counted, apart, leftOut.lines());
    }

    private ToldSheet told(SheetEntity s, Set<CupTrait> of) {
        return new ToldSheet(
                Objects.requireNonNull(s.roastId()),
                s.cupping().id(),
                s.cupping().cuppedAt(),
                s.cupper(),
                of,
                Objects.requireNonNullElse(s.content().scales(), Map.of()),
                Objects.requireNonNullElse(s.content().intensities(), Map.of()),
                words.spoken(List.of(s.sheet())).get(0));
    }

    /** What the house's own scales are called, in their order. */
    public List<String> houseScales() {
        return house.scales().names();
    }

    /** Sheets that were begun and not finished, of roasts that wait on Today; the newest first. */
    public List<SheetView> halfFilled() {
        List<SheetEntity> begun = sheets.halfFilled(PageRequest.of(0, LISTED));
        Function<SheetEntity, Set<CupTrait>> traitsOf = traits.of(begun);
        return begun.stream()
                .filter(s -> CupCounting.of(traitsOf.apply(s), CupUse.TODAY) == Answer.YES)
                .map(s -> SheetView.of(s, house.lines()))
                .toList();
    }

    /** Those of these roasts that nobody waits for any more: a sheet of them was begun that stands on Today. */
    @Override
    public Set<Long> cupped(Collection<Long> roastIds) {
        return roastIds.isEmpty() ? Set.of() : having(sheets.toldOfRoasts(roastIds), CupUse.TODAY);
    }

    /** Roasts with a sheet that their trace may use. */
    public Set<Long> ids() {
        return having(sheets.toldOfRoasts(sheets.roastsWithSheets()), CupUse.TRACE);
    }

    private Set<Long> having(List<SheetEntity> told, CupUse use) {
        Function<SheetEntity, Set<CupTrait>> traitsOf = traits.of(told);
        return told.stream()
                .filter(s -> CupCounting.of(traitsOf.apply(s), use) != Answer.NO)
                .map(s -> Objects.requireNonNull(s.roastId()))
                .collect(Collectors.toSet());
    }

    @Override
    public List<ScoreAt> scores(long roastId) {
        Map<Long, List<ToldSheet>> byTable = ofRoast(roastId, CupUse.AGEING).counted().stream()
                .collect(Collectors.groupingBy(ToldSheet::cuppingId, LinkedHashMap::new, Collectors.toList()));
        return byTable.values().stream()
                .map(of -> new ScoreAt(
                        of.get(0).cuppedAt(),
                        FormScores.of(of.stream().map(ToldSheet::sheet).toList())
                                .mean()
                                .orElseThrow()))
                .toList();
    }
}
