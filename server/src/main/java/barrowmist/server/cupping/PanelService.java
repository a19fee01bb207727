package barrowmist.server.cupping;

import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.Agreement;
import barrowmist.core.cupping.panel.HiddenTwins;
import barrowmist.core.cupping.panel.Panel;
import barrowmist.core.cupping.panel.Ranking;
import barrowmist.server.cupping.PanelViews.AgreementView;
import barrowmist.server.cupping.PanelViews.CupperScore;
import barrowmist.server.cupping.PanelViews.PanelCupper;
import barrowmist.server.cupping.PanelViews.PanelSample;
import barrowmist.server.cupping.PanelViews.PanelView;
import barrowmist.server.web.Conflict;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the cuppers of a table together say. */
@Service
@Transactional(readOnly = true)
class PanelService {

    private final Tables tables;
    private final SheetRepository sheets;

    PanelService(Tables tables, SheetRepository sheets) {
        this.tables = tables;
        this.sheets = sheets;
    }

    /** @throws Conflict if the table is coded and not revealed */
    PanelView panel(long id) {
        CuppingEntity table = tables.get(id, TableKind.SCORING);
        if (!table.told()) {
            throw new Conflict("This table is not revealed yet: until then nobody sees what others gave.", Map.of());
        }
        List<SheetEntity> all = sheets.findAllByCuppingIdOrderById(id);
        Panel panel = Panel.of(table.samples().stream()
                .flatMap(sample -> all.stream().filter(s -> s.sample().id() == sample.id()))
                .flatMap(PanelService::score)
                .toList());
        return new PanelView(
                panel.samples().stream().map(s -> sample(s, table)).toList(),
                panel.agreement().isEmpty() ? null : agreement(panel),
                panel.cuppers().stream()
                        .map(c -> new PanelCupper(c.name(), c.offset(), c.sd(), repeats(c.name(), panel, table)))
                        .toList(),
                panel.leftOut(),
                panel.text());
    }

    private static Stream<Panel.Score> score(SheetEntity s) {
        return s.sheet().finalScore().stream()
                .mapToObj(score -> new Panel.Score(s.sample().code(), s.cupper(), score));
    }

    private static OptionalDouble repeats(String cupper, Panel panel, CuppingEntity table) {
        Map<String, Double> given = new HashMap<>();
        panel.samples().forEach(s -> {
            if (s.scores().containsKey(cupper)) {
                given.put(s.code(), s.scores().get(cupper));
            }
        });
        return HiddenTwins.spread(given, twins(table));
    }

    /** Codes by what stands under them: a hidden pair is two of one list. */
    private static Collection<List<String>> twins(CuppingEntity table) {
        return table.samples().stream()
                .collect(Collectors.groupingBy(
                        CuppingSampleEntity::what, Collectors.mapping(CuppingSampleEntity::code, Collectors.toList())))
                .values();
    }

    private static PanelSample sample(Panel.Sample s, CuppingEntity table) {
        Optional<CuppingSampleEntity> laid = table.ofCode(s.code());
        return new PanelSample(
                s.code(),
                laid.map(CuppingSampleEntity::roastId).orElse(null),
                s.mean(),
                s.median(),
                s.sd(),
                s.scores().entrySet().stream()
                        .map(e -> new CupperScore(e.getKey(), e.getValue()))
                        .toList());
    }

    private static @Nullable AgreementView agreement(Panel panel) {
        Optional<Agreement.Intraclass> icc = panel.agreement().flatMap(Agreement::intraclass);
        Optional<Ranking> ranking = panel.ranking();
        return new AgreementView(
                number(icc.map(Agreement.Intraclass::icc)),
                number(icc.map(Agreement.Intraclass::lower)),
                number(icc.map(Agreement.Intraclass::upper)),
                number(icc.map(Agreement.Intraclass::iccMean)),
                number(ranking.map(Ranking::kendallW)),
                number(ranking.map(Ranking::q)),
                number(ranking.map(Ranking::p)),
                panel.agreement().map(Agreement::smallestDifference).orElse(OptionalDouble.empty()));
    }

    private static OptionalDouble number(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
