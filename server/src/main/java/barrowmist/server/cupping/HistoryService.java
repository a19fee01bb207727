package barrowmist.server.cupping;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.CupperHistory;
import barrowmist.core.cupping.panel.CupperHistory.AtTable;
import barrowmist.core.cupping.panel.Panel;
import barrowmist.core.cupping.panel.Triangle;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.HistoryViews.CupperView;
import barrowmist.server.cupping.HistoryViews.HistoryView;
import barrowmist.server.cupping.HistoryViews.ScoredTable;
import barrowmist.server.web.NotFound;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.stat.descriptive.moment.StandardDeviation;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each cupper has scored, over tables that may be told: theirs and the lead's to see. */
@Service
@Transactional(readOnly = true)
class HistoryService {

    private static final int LATEST = 500;
    private static final int MOST_WORDS = 12;

    private final CuppingRepository cuppings;
    private final Tables tables;
    private final CupTraits traits;

    HistoryService(CuppingRepository cuppings, Tables tables, CupTraits traits) {
        this.traits = traits;
        this.cuppings = cuppings;
        this.tables = tables;
    }

    /** Everybody for the lead, and for whoever cups themselves alone. */
    List<CupperView> cuppers() {
        Map<String, Integer> counted = new TreeMap<>();
        told().values().forEach(given -> names(given).forEach(n -> counted.merge(n, 1, Integer::sum)));
        return counted.entrySet().stream()
                .filter(e -> Member.cuppingAs().orElse(e.getKey()).equals(e.getKey()))
                .map(e -> new CupperView(e.getKey(), e.getValue()))
                .toList();
    }

    /** @throws NotFound if nobody of this name sat at a table, or it is another's */
    HistoryView history(String name) {
        if (!Member.cuppingAs().orElse(name).equals(name)) {
            throw new NotFound("cupper", name);
        }
        Map<CuppingEntity, Given> all = told();
        if (all.values().stream().noneMatch(g -> names(g).contains(name))) {
            throw new NotFound("cupper", name);
        }
        List<ScoredTable> scored = new ArrayList<>();
        List<AtTable> compared = new ArrayList<>();
        all.forEach((table, given) -> {
            if (table.kind() == TableKind.SCORING) {
                at(table, given, name, scored, compared);
            }
        });
        List<CupSetEntity> sets = all.values().stream()
                .flatMap(g -> g.sets().stream())
                .filter(s -> name.equals(s.cupper()))
                .toList();
        CupperHistory history = CupperHistory.of(compared);
        return new HistoryView(
                name,
                history.offset(),
                history.scale(),
                history.repeats(),
                scored,
                sets.size(),
                (int) sets.stream().filter(CupSetEntity::right).count(),
                sets.size() * Triangle.CHANCE,
                words(all, name));
    }

    /** Tables that may be told with what was given there, the newest first. */
    private Map<CuppingEntity, Given> told() {
        List<CuppingEntity> latest = cuppings.told(PageRequest.of(0, LATEST));
        Map<Long, Given> given = tables.given(latest);
        return latest.stream()
                .collect(Collectors.toMap(
                        c -> c, c -> Objects.requireNonNull(given.get(c.id())), (a, b) -> a, LinkedHashMap::new));
    }

    private static Set<String> names(Given given) {
        Set<String> names = new LinkedHashSet<>();
        given.sheets().stream().map(SheetEntity::cupper).forEach(names::add);
        given.sets().stream().flatMap(s -> Stream.ofNullable(s.cupper())).forEach(names::add);
        names.remove("");
        return names;
    }

    private void at(CuppingEntity table, Given given, String name, List<ScoredTable> scored, List<AtTable> compared) {
        Function<SheetEntity, Set<CupTrait>> traitsOf = traits.of(given.sheets());
        Set<CuppingForm> own = given.sheets().stream()
                .filter(s -> s.cupper().equals(name))
                .map(SheetEntity::form)
                .collect(Collectors.toSet());
        List<SheetEntity> used = given.sheets().stream()
                .filter(s -> own.contains(s.form()))
                .filter(s -> CupCounting.of(traitsOf.apply(s), CupUse.CUPPER) != Answer.NO)
                .toList();
        // a cupper is held against those on the same form, and one table is one drink: what stands apart is in the list
        // of tables, and in no mean over them
        boolean apart = used.stream().anyMatch(s -> CupCounting.of(traitsOf.apply(s), CupUse.CUPPER) == Answer.APART);
        Panel panel = PanelService.of(table, used);
        panel.cuppers().stream().filter(c -> c.name().equals(name)).forEach(c -> {
            int samples = (int) panel.samples().stream()
                    .filter(s -> s.scores().containsKey(name))
                    .count();
            boolean alone = panel.cuppers().size() < 2;
            OptionalDouble repeats = PanelService.repeats(name, panel, table);
            scored.add(new ScoredTable(
                    table.id(),
                    table.cuppedAt(),
                    samples,
                    panel.cuppers().size(),
                    alone ? OptionalDouble.empty() : OptionalDouble.of(c.offset()),
                    c.sd(),
                    repeats));
            if (!alone && !apart) {
                compared.add(new AtTable(samples, c.offset(), c.sd(), spread(panel), repeats));
            }
        });
    }

    private static OptionalDouble spread(Panel panel) {
        double[] means =
                panel.samples().stream().mapToDouble(Panel.Sample::mean).toArray();
        return means.length < 2 ? OptionalDouble.empty() : OptionalDouble.of(new StandardDeviation().evaluate(means));
    }

    private static List<String> words(Map<CuppingEntity, Given> all, String name) {
        Map<String, Integer> times = new TreeMap<>();
        all.values().stream()
                .flatMap(g -> g.sheets().stream())
                .filter(s -> s.cupper().equals(name))
                .flatMap(s -> s.content().words().stream())
                .forEach(w -> times.merge(w.word(), 1, Integer::sum));
        return times.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .limit(MOST_WORDS)
                .map(Map.Entry::getKey)
                .toList();
    }
}
