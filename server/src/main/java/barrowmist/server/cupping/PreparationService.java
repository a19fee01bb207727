package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.PreparationSteps;
import barrowmist.core.cupping.Reference;
import barrowmist.core.cupping.SampleNeeds;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.PreparationViews.PreparationView;
import barrowmist.server.cupping.PreparationViews.WeighedSample;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.web.KeptInTurn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What whoever prepares a table weighs, grinds and pours. */
@Service
@KeptInTurn
class PreparationService {

    /** Of a triangle's set two cups of either coffee are prepared where one of the four is left out. */
    private static final int SHUFFLED_A_SET = 2;

    private final Tables tables;
    private final CupSetRepository sets;
    private final TableKeys keys;
    private final TableWarnings warnings;
    private final SampleNames names;

    PreparationService(
            Tables tables, CupSetRepository sets, TableKeys keys, TableWarnings warnings, SampleNames names) {
        this.tables = tables;
        this.sets = sets;
        this.keys = keys;
        this.warnings = warnings;
        this.names = names;
    }

    /**
     * The sheet of a table; on a blind one that is a look at the key.
     *
     * @param words for which things are to be put out
     */
    PreparationView sheet(long id, List<String> words, Wording wording) {
        CuppingEntity table = tables.get(id);
        keys.open(table);
        PreparationSteps steps = new PreparationSteps(
                Preparation.ofTable(table), table.kind(), table.blinding().blind(), wording);
        List<CupSetEntity> served = sets.findAllByCuppingIdOrderByNumber(id);
        List<String> said = warnings.of(table).stream()
                .map(w -> names.of(CuppingSampleEntity.TableSample.ofRoast(w.roastId())) + ". " + w.text())
                .toList();
        List<Reference.Thing> things = Reference.of(words);
        List<String> cautions = new ArrayList<>(steps.cautions());
        if (!things.isEmpty()) {
            cautions.add(Reference.CAUTION);
        }
        return new PreparationView(
                table.id(),
                table.cuppedAt(),
                table.kind(),
                table.blinding().blind(),
                samples(table, served).toList(),
                table.blinding().blind() == Blindness.UNDERSIDE
                        ? List.of()
                        : served.stream().map(ServedSet::of).toList(),
                steps.steps(),
                said,
                cautions,
                things);
    }

    private Stream<WeighedSample> samples(CuppingEntity table, List<CupSetEntity> served) {
        boolean shuffled = table.blinding().blind() == Blindness.UNDERSIDE;
        Stream<CuppingSampleEntity> inOrder = table.samples().stream();
        return (shuffled ? inOrder.sorted(Comparator.comparing(PreparationService::mark)) : inOrder)
                .map(s -> weighed(table, s, shuffled, served));
    }

    private static String mark(CuppingSampleEntity s) {
        return s.mark() == null ? s.code() : s.mark();
    }

    private WeighedSample weighed(
            CuppingEntity table, CuppingSampleEntity s, boolean shuffled, List<CupSetEntity> served) {
        double dose = SampleNeeds.doseG(Preparation.ofTable(table));
        int cups = table.kind() != TableKind.TRIANGLE
                ? table.cups()
                : shuffled
                        ? SHUFFLED_A_SET * served.size()
                        : (int) served.stream()
                                .flatMap(set -> set.cups().stream())
                                .filter(c -> c == s)
                                .count();
        return new WeighedSample(
                shuffled ? mark(s) : s.code(),
                s.roastId(),
                names.of(s),
                dose,
                cups,
                dose,
                new SampleNeeds(dose, cups, 1).grams());
    }
}
