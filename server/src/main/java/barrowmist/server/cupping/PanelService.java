package barrowmist.server.cupping;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.QualityClass;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.panel.Agreement;
import barrowmist.core.cupping.panel.FreedScores;
import barrowmist.core.cupping.panel.HiddenTwins;
import barrowmist.core.cupping.panel.Panel;
import barrowmist.core.cupping.panel.Ranking;
import barrowmist.core.cupping.panel.Spread;
import barrowmist.server.cupping.PanelViews.AgreementView;
import barrowmist.server.cupping.PanelViews.CupperScore;
import barrowmist.server.cupping.PanelViews.PanelAttribute;
import barrowmist.server.cupping.PanelViews.PanelMember;
import barrowmist.server.cupping.PanelViews.PanelSample;
import barrowmist.server.cupping.PanelViews.PanelView;
import barrowmist.server.cupping.PanelViews.PanelWord;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
    private final RoastService roasts;

    PanelService(Tables tables, SheetRepository sheets, RoastService roasts) {
        this.roasts = roasts;
        this.tables = tables;
        this.sheets = sheets;
    }

    /**
     * @param asked of which form; the one that most wrote on when left out
     * @throws Conflict if the table is coded and not revealed
     */
    PanelView panel(long id, @Nullable CuppingForm asked) {
        CuppingEntity table = tables.get(id, TableKind.SCORING);
        if (!table.told()) {
            throw new Conflict("This table is not revealed yet: until then nobody sees what others gave.", Map.of());
        }
        List<SheetEntity> given = sheets.findAllByCuppingIdOrderById(id);
        CuppingForm form = asked == null ? SheetForms.main(given) : asked;
        List<SheetEntity> all = SheetForms.on(form, given);
        Panel panel = of(table, all);
        Optional<FreedScores.Freed> freed = FreedScores.of(panel.samples());
        return new PanelView(
                form,
                given.stream().map(SheetEntity::form).distinct().sorted().toList(),
                panel.samples().stream().map(s -> sample(s, table, all, freed)).toList(),
                panel.agreement().isEmpty() ? null : agreement(panel),
                panel.cuppers().stream()
                        .map(c -> new PanelMember(c, repeats(c.name(), panel, table)))
                        .toList(),
                panel.leftOut(),
                panel.text());
    }

    /** A table that may be told, worked out from its sheets. */
    static Panel of(CuppingEntity table, List<SheetEntity> all) {
        return Panel.of(table.samples().stream()
                .flatMap(sample -> all.stream().filter(s -> s.sample().id() == sample.id()))
                .flatMap(PanelService::score)
                .toList());
    }

    private static Stream<Panel.Score> score(SheetEntity s) {
        return s.sheet().finalScore().stream()
                .mapToObj(score -> new Panel.Score(s.sample().code(), s.cupper(), score));
    }

    static OptionalDouble repeats(String cupper, Panel panel, CuppingEntity table) {
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
                        s -> s.what().coffee(), Collectors.mapping(CuppingSampleEntity::code, Collectors.toList())))
                .values();
    }

    private PanelSample sample(
            Panel.Sample s, CuppingEntity table, List<SheetEntity> all, Optional<FreedScores.Freed> freed) {
        Optional<CuppingSampleEntity> laid = table.ofCode(s.code());
        List<CuppingSheet> given = all.stream()
                .filter(e -> e.sample().code().equals(s.code()))
                .map(SheetEntity::sheet)
                .toList();
        Optional<Double> mean = freed.flatMap(f -> Optional.ofNullable(f.means().get(s.code())));
        return new PanelSample(
                s.code(),
                laid.map(CuppingSampleEntity::roastId).orElse(null),
                s.mean(),
                s.median(),
                s.sd(),
                number(mean),
                given.stream().anyMatch(g -> g instanceof HundredPointSheet)
                        ? QualityClass.of(s.median()).label()
                        : null,
                given.stream().mapToInt(g -> g.cups().size()).sum(),
                (int) given.stream()
                        .flatMap(g -> g.cups().stream())
                        .filter(c -> c.defect() != Cup.Defect.NONE)
                        .count(),
                words(given),
                attributes(given),
                laid.flatMap(l -> Optional.ofNullable(l.roastId()))
                        .map(roasts::get)
                        .map(r -> r.lot().supplierNotes())
                        .orElse(null),
                s.scores().entrySet().stream()
                        .map(e -> new CupperScore(e.getKey(), e.getValue()))
                        .toList());
    }

    /** Those found by most cuppers first, then in most cups. */
    private static List<PanelWord> words(List<CuppingSheet> given) {
        Map<String, List<TasteNote>> found = given.stream()
                .flatMap(g -> g.words().stream())
                .collect(Collectors.groupingBy(TasteNote::word, LinkedHashMap::new, Collectors.toList()));
        return found.entrySet().stream()
                .map(e -> new PanelWord(
                        e.getKey(),
                        e.getValue().size(),
                        e.getValue().stream().mapToInt(n -> n.cups().size()).sum()))
                .sorted(Comparator.comparingInt(PanelWord::cuppers)
                        .thenComparingInt(PanelWord::cups)
                        .reversed())
                .toList();
    }

    private static List<PanelAttribute> attributes(List<CuppingSheet> given) {
        Map<String, List<Double>> byField = new LinkedHashMap<>();
        given.forEach(g -> g.attributes()
                .forEach((field, score) ->
                        byField.computeIfAbsent(field, f -> new ArrayList<>()).add(score)));
        return byField.entrySet().stream()
                .map(e -> {
                    Spread spread = Spread.of(e.getValue());
                    return new PanelAttribute(e.getKey(), spread);
                })
                .toList();
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
