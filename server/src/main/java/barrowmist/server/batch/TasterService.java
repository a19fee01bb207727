package barrowmist.server.batch;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.decision.ScoreDifference;
import barrowmist.core.decision.batch.Profile;
import barrowmist.core.trace.Cause;
import barrowmist.server.access.Member;
import barrowmist.server.batch.BatchGathering.Gathered;
import barrowmist.server.batch.BatchViews.TastedBatch;
import barrowmist.server.batch.BatchViews.TastedTable;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.decision.HouseRules;
import barrowmist.server.trace.SpokenCauses;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The batch taster's quick table: three batches of a day beside the roast that was approved, blind. */
@Service
@KeptInTurn
public class TasterService {

    private static final int MOST = 8;

    private final ProfileService profiles;
    private final BatchGathering gathering;
    private final TasteRepository tastes;
    private final CuppingService tables;
    private final CuppedSheets sheets;
    private final SpokenCauses causes;
    private final HouseRules house;
    private final Clock clock;

    TasterService(
            ProfileService profiles,
            BatchGathering gathering,
            TasteRepository tastes,
            CuppingService tables,
            CuppedSheets sheets,
            SpokenCauses causes,
            HouseRules house,
            Clock clock) {
        this.house = house;
        this.profiles = profiles;
        this.gathering = gathering;
        this.tastes = tastes;
        this.tables = tables;
        this.sheets = sheets;
        this.causes = causes;
        this.clock = clock;
    }

    /**
     * Lays the table.
     *
     * @param roastIds the batches; the newest three of one day when it is left out
     * @return its number
     * @throws Conflict if no roast was approved to taste them beside, or there is no batch
     * @throws InputProblems if one is no batch of this profile
     */
    public long lay(long profileId, @Nullable List<Long> roastIds) {
        ProfileEntity profile = profiles.one(profileId);
        long reference = profile.referenceId()
                .orElseThrow(() -> new Conflict(
                        "No approved roast stands with this profile: approve its next version with one.", Map.of()));
        List<Gathered> all = gathering.of(profile).stream()
                .filter(g -> g.batch().roastId() != reference)
                .toList();
        Set<Long> laid = new LinkedHashSet<>(roastIds == null || roastIds.isEmpty() ? newest(all) : roastIds);
        for (long id : laid) {
            if (all.stream().noneMatch(g -> g.batch().roastId() == id)) {
                throw new InputProblems("roastIds", "Roast " + id + " is no batch of this profile");
            }
        }
        if (laid.isEmpty() || laid.size() > MOST) {
            throw new Conflict(
                    laid.isEmpty()
                            ? "No batch followed this profile yet."
                            : "A quick table has at most " + MOST + " batches.",
                    Map.of());
        }
        List<Long> samples = new ArrayList<>(laid);
        samples.add(reference);
        long table = tables.open(CuppingEntry.blind(samples)).id();
        tastes.save(new TasteEntity(profileId, table, Member.nameOfCaller(), clock.instant()));
        return table;
    }

    private static List<Long> newest(List<Gathered> all) {
        if (all.isEmpty()) {
            return List.of();
        }
        LocalDate day = all.get(all.size() - 1).batch().day();
        List<Long> ofDay = all.stream()
                .filter(g -> g.batch().day().equals(day))
                .map(g -> g.batch().roastId())
                .toList();
        return ofDay.subList(Math.max(0, ofDay.size() - Profile.TASTED_OF_A_DAY), ofDay.size());
    }

    /** What the tables of a profile showed, the newest first; nothing of one that is not revealed. */
    @Transactional(readOnly = true)
    public List<TastedTable> shown(long profileId) {
        ProfileEntity profile = profiles.one(profileId);
        List<Gathered> all = gathering.of(profile);
        return tastes.findAllByProfileIdOrderByIdDesc(profileId).stream()
                .map(t -> new TastedTable(
                        t.cuppingId(),
                        t.laidAt(),
                        t.laidBy(),
                        batches(sheets.ofTable(t.cuppingId(), CupUse.TRACE).allByRoast(), profile.referenceId(), all)))
                .toList();
    }

    private List<TastedBatch> batches(
            Map<Long, List<CuppingSheet>> told, Optional<Long> reference, List<Gathered> all) {
        List<Double> approved =
                reference.map(id -> scores(told.getOrDefault(id, List.of()))).orElse(List.of());
        return all.stream()
                .filter(g -> told.containsKey(g.batch().roastId())
                        && reference.filter(r -> r == g.batch().roastId()).isEmpty())
                .map(g -> batch(g, scores(told.getOrDefault(g.batch().roastId(), List.of())), approved))
                .toList();
    }

    private TastedBatch batch(Gathered g, List<Double> scores, List<Double> approved) {
        Optional<Cause> found = causes.of(g.batch().roastId()).cause();
        if (scores.isEmpty() || approved.isEmpty()) {
            return new TastedBatch(
                    g.batch().roastId(), g.roast().title(), null, "Not scored beside the approved roast.");
        }
        ScoreDifference d = ScoreDifference.of(approved, scores, house.now());
        String by = String.format(Locale.ROOT, "%.2f beside %.2f of the approved roast", d.after(), d.before());
        String text = found.map(f -> by + "; the cup speaks of " + f.label() + ": open its trace.")
                .orElse(by + (d.worse() ? ": worse." : ": passes."));
        return new TastedBatch(g.batch().roastId(), g.roast().title(), found.isEmpty() && !d.worse(), text);
    }

    private static List<Double> scores(List<CuppingSheet> of) {
        return of.stream()
                .map(CuppingSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .boxed()
                .toList();
    }
}
