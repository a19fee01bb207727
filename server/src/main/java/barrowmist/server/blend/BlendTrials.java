package barrowmist.server.blend;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.decision.BlendTrial;
import barrowmist.core.decision.BlendTrial.Scored;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPart;
import barrowmist.server.blend.BlendViews.TrialView;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.LaidSample;
import barrowmist.server.cupping.ToldTables;
import barrowmist.server.cupping.ToldTables.ToldTable;
import barrowmist.server.decision.HouseRules;
import barrowmist.server.green.LotService;
import barrowmist.server.report.CupTelling;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.trace.SpokenCauses;
import barrowmist.server.web.Conflict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Trials of blends: laid blind beside their parts, and what they showed. */
@Component
class BlendTrials {

    private final BlendTrialRepository tables;
    private final CuppingService cuppings;
    private final ToldTables told;
    private final RoastLists roasts;
    private final SpokenCauses causes;
    private final LotService lots;
    private final HouseRules house;

    BlendTrials(
            BlendTrialRepository tables,
            CuppingService cuppings,
            ToldTables told,
            RoastLists roasts,
            SpokenCauses causes,
            LotService lots,
            HouseRules house) {
        this.tables = tables;
        this.cuppings = cuppings;
        this.told = told;
        this.roasts = roasts;
        this.causes = causes;
        this.lots = lots;
        this.house = house;
    }

    /** The blend, as a coffee without a log, beside a roast of each part. */
    long lay(BlendEntry blend) {
        List<LaidSample> laid = new ArrayList<>();
        laid.add(LaidSample.outside(Objects.requireNonNull(blend.name()), 1));
        for (BlendPart p : blend.all()) {
            laid.add(LaidSample.ofRoast(roastOf(lotOf(p)), null));
        }
        return cuppings.open(CuppingEntry.blindOf(laid)).id();
    }

    /** The newest roast of a part whose cup nothing is held against, else its newest. */
    private long roastOf(long lotId) {
        List<RoastEntity> all = roasts.tastedOfLot(lotId).stream()
                .sorted(Comparator.comparing(RoastEntity::roastedAt).reversed())
                .toList();
        if (all.isEmpty()) {
            throw new Conflict(
                    lots.get(lotId).name() + " was never roasted: roast it first, the trial stands beside its parts.",
                    Map.of());
        }
        return all.stream()
                .filter(r -> causes.of(r.id()).cause().isEmpty())
                .findFirst()
                .orElse(all.get(0))
                .id();
    }

    /** Its tables, the newest first. */
    List<TrialView> of(long blendId) {
        return tables.findAllByBlendIdOrderByCuppingIdDesc(blendId).stream()
                .map(t -> view(told.of(t.cuppingId()), t.laid()))
                .toList();
    }

    /** The parts in words. */
    String said(BlendEntry blend) {
        return blend.all().stream()
                .map(p -> String.format(
                        Locale.ROOT,
                        "%.0f %% %s",
                        Objects.requireNonNull(p.share()),
                        lots.get(lotOf(p)).name()))
                .collect(Collectors.joining(", "));
    }

    private TrialView view(ToldTable table, BlendEntry blend) {
        List<Double> own = scores(table.outside().getOrDefault(Objects.requireNonNull(blend.name()), List.of()));
        List<Scored> parts = blend.all().stream()
                .map(p -> new Scored(Objects.requireNonNull(p.share()), scoresOf(table, lotOf(p))))
                .toList();
        if (own.isEmpty() || parts.stream().anyMatch(p -> p.scores().isEmpty())) {
            return new TrialView(
                    table.cuppingId(), table.cuppedAt(), table.told(), said(blend), silent(table), null, null);
        }
        BlendTrial t = BlendTrial.of(own, parts, house.now());
        return new TrialView(
                table.cuppingId(), table.cuppedAt(), true, said(blend), t.text(), t.scored(), t.expected());
    }

    private static String silent(ToldTable table) {
        return table.told() ? "Not all of it was scored." : "Not revealed yet.";
    }

    private List<Double> scoresOf(ToldTable table, long lotId) {
        return roasts.all(table.byRoast().keySet()).stream()
                .filter(r -> r.lot().id() == lotId)
                .flatMap(r -> scores(table.byRoast().getOrDefault(r.id(), List.of())).stream())
                .toList();
    }

    private static List<Double> scores(List<CuppingSheet> of) {
        return of.stream().map(CupTelling::score).toList();
    }

    private static long lotOf(BlendPart p) {
        return Objects.requireNonNull(p.lotId());
    }
}
