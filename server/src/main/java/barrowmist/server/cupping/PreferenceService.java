package barrowmist.server.cupping;

import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.Preference;
import barrowmist.core.cupping.panel.Ranking;
import barrowmist.server.cupping.SensoryViews.PreferencePair;
import barrowmist.server.cupping.SensoryViews.PreferenceView;
import barrowmist.server.cupping.SensoryViews.RankSum;
import barrowmist.server.cupping.SensoryViews.RankingEntry;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Roast-offs: everybody's order, and whether there is a winner. */
@Service
@KeptInTurn
public class PreferenceService {

    private final Tables tables;
    private final RankingRepository rankings;
    private final RoastService roasts;
    private final Clock clock;

    PreferenceService(Tables tables, RankingRepository rankings, RoastService roasts, Clock clock) {
        this.tables = tables;
        this.rankings = rankings;
        this.roasts = roasts;
        this.clock = clock;
    }

    /** Keeps an order; the same cupper's next one takes its place until the reveal. */
    public RankingEntry rank(long id, RankingEntry entry) {
        CuppingEntity table = tables.get(id, TableKind.ROAST_OFF);
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: an order would no longer be blind.", Map.of());
        }
        String cupper = Seats.whose(entry.cupper());
        List<String> order = Objects.requireNonNullElse(entry.order(), List.of());
        List<String> codes =
                table.samples().stream().map(CuppingSampleEntity::code).toList();
        if (order.size() != codes.size() || !new HashSet<>(order).equals(new HashSet<>(codes))) {
            throw new InputProblems(
                    "order", "order is " + order + ", expected each of " + codes + " once, the best first");
        }
        RankingEntity kept = rankings.findByCuppingIdAndCupper(id, cupper)
                .orElseGet(() -> new RankingEntity(table, cupper, order, clock.instant()));
        kept.rank(order, clock.instant());
        rankings.saveAndFlush(kept);
        return new RankingEntry(cupper, order);
    }

    /** @throws Conflict if the table is blind and not revealed */
    @Transactional(readOnly = true)
    PreferenceView preference(long id) {
        CuppingEntity table = tables.get(id, TableKind.ROAST_OFF);
        if (!table.told()) {
            throw new Conflict("This table is not revealed yet: until then nobody sees what others liked.", Map.of());
        }
        List<RankingEntity> all = rankings.findAllByCuppingIdOrderById(id);
        List<String> codes =
                table.samples().stream().map(CuppingSampleEntity::code).toList();
        Preference preference =
                Preference.of(codes, all.stream().map(RankingEntity::order).toList());
        return new PreferenceView(
                all.size(),
                IntStream.range(0, codes.size())
                        .mapToObj(i ->
                                new RankSum(codes.get(i), preference.rankSums().get(i)))
                        .toList(),
                number(preference, Ranking::q),
                number(preference, Ranking::p),
                number(preference, Ranking::kendallW),
                pairs(preference),
                all.stream().map(r -> new RankingEntry(r.cupper(), r.order())).toList(),
                preference.text(code -> name(table.ofCode(code).orElseThrow())));
    }

    private String name(CuppingSampleEntity sample) {
        String name = sample.roastId() != null
                ? roasts.get(sample.roastId()).title()
                : Objects.requireNonNull(sample.outside()).name();
        return sample.treatment() == null ? name : name + ", " + sample.treatment();
    }

    private static OptionalDouble number(Preference preference, ToDoubleFunction<Ranking> figure) {
        return preference.ranking().stream().mapToDouble(figure).findFirst();
    }

    private static List<PreferencePair> pairs(Preference preference) {
        List<String> codes = preference.codes();
        return preference.ranking().map(Ranking::pairs).orElse(List.of()).stream()
                .map(p -> new PreferencePair(codes.get(p.first()), codes.get(p.second()), p.p()))
                .toList();
    }
}
