package barrowmist.server.cupping;

import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.Preference;
import barrowmist.core.cupping.panel.Ranking;
import barrowmist.core.cupping.panel.Vote;
import barrowmist.server.cupping.PreferenceViews.KeptOrder;
import barrowmist.server.cupping.PreferenceViews.PartyView;
import barrowmist.server.cupping.PreferenceViews.PreferencePair;
import barrowmist.server.cupping.PreferenceViews.PreferenceView;
import barrowmist.server.cupping.PreferenceViews.RankSum;
import barrowmist.server.cupping.PreferenceViews.RankingEntry;
import barrowmist.server.cupping.RankingEntity.Party;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Roast-offs: everybody's order or best, and whether there is a winner. */
@Service
@KeptInTurn
public class PreferenceService {

    private final Tables tables;
    private final RankingRepository rankings;
    private final GuessService guesses;
    private final SampleNames names;
    private final Clock clock;

    PreferenceService(Tables tables, RankingRepository rankings, GuessService guesses, SampleNames names, Clock clock) {
        this.tables = tables;
        this.rankings = rankings;
        this.guesses = guesses;
        this.names = names;
        this.clock = clock;
    }

    /** Keeps an order; the same cupper's next one takes its place until the reveal. */
    public RankingEntry rank(long id, RankingEntry entry) {
        CuppingEntity table = tables.get(id, TableKind.ROAST_OFF);
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: an order would no longer be blind.", Map.of());
        }
        String cupper = tables.whose(table, entry.cupper());
        List<String> order = Objects.requireNonNullElse(entry.order(), List.of());
        refuseIfWrong(table, order);
        RankingEntity kept = rankings.findByCuppingIdAndCupper(id, cupper)
                .orElseGet(() -> new RankingEntity(table, cupper, order, clock.instant()));
        kept.rank(order, entry.party(), clock.instant());
        rankings.saveAndFlush(kept);
        return new RankingEntry(cupper, order, entry.party());
    }

    private static void refuseIfWrong(CuppingEntity table, List<String> order) {
        List<String> codes = codes(table);
        if (table.choice() == Choice.BEST) {
            if (order.size() != 1 || !codes.contains(order.get(0))) {
                throw new InputProblems("order", "order is " + order + ", expected one of " + codes + ": the best");
            }
        } else if (order.size() != codes.size() || !new HashSet<>(order).equals(new HashSet<>(codes))) {
            throw new InputProblems(
                    "order", "order is " + order + ", expected each of " + codes + " once, the best first");
        }
    }

    private static List<String> codes(CuppingEntity table) {
        return table.samples().stream().map(CuppingSampleEntity::code).toList();
    }

    /** @throws Conflict if the table is blind and not revealed */
    @Transactional(readOnly = true)
    PreferenceView preference(long id) {
        CuppingEntity table = tables.get(id, TableKind.ROAST_OFF);
        if (!table.told()) {
            throw new Conflict("This table is not revealed yet: until then nobody sees what others liked.", Map.of());
        }
        List<RankingEntity> all = rankings.findAllByCuppingIdOrderById(id);
        List<String> codes = codes(table);
        boolean ordered = table.choice() == Choice.ORDER;
        UnaryOperator<String> name = code -> names.of(table.ofCode(code).orElseThrow());
        Preference preference = preference(codes, ordered ? all : List.of());
        Vote vote = vote(codes, all);
        List<RankingEntity> others = all.stream().filter(r -> !r.forTheirOwn()).toList();
        return new PreferenceView(
                all.size(),
                table.choice(),
                vote.shares(),
                vote.text(name),
                all.size() - others.size(),
                others.size() == all.size() ? null : said(codes, others, ordered, name),
                parties(codes, all, ordered, name),
                guesses.of(table),
                ordered ? sums(codes, preference) : List.of(),
                number(preference, Ranking::q),
                number(preference, Ranking::p),
                number(preference, Ranking::kendallW),
                pairs(preference),
                all.stream().map(PreferenceService::kept).toList(),
                said(codes, all, ordered, name));
    }

    private static Preference preference(List<String> codes, List<RankingEntity> of) {
        return Preference.of(codes, of.stream().map(RankingEntity::order).toList());
    }

    private static Vote vote(List<String> codes, List<RankingEntity> of) {
        return Vote.of(codes, of.stream().map(r -> r.order().get(0)).toList());
    }

    private static String said(
            List<String> codes, List<RankingEntity> of, boolean ordered, UnaryOperator<String> name) {
        return ordered ? preference(codes, of).text(name) : vote(codes, of).text(name);
    }

    private static List<PartyView> parties(
            List<String> codes, List<RankingEntity> all, boolean ordered, UnaryOperator<String> name) {
        return Arrays.stream(Party.values())
                .map(party -> Map.entry(
                        party, all.stream().filter(r -> r.party() == party).toList()))
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> new PartyView(
                        e.getKey(),
                        e.getValue().size(),
                        vote(codes, e.getValue()).shares(),
                        said(codes, e.getValue(), ordered, name)))
                .toList();
    }

    private static KeptOrder kept(RankingEntity r) {
        return new KeptOrder(r.cupper(), r.order(), r.party(), r.forTheirOwn());
    }

    private static List<RankSum> sums(List<String> codes, Preference preference) {
        return IntStream.range(0, codes.size())
                .mapToObj(i -> new RankSum(codes.get(i), preference.rankSums().get(i)))
                .toList();
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
