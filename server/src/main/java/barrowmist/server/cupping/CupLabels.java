package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.paper.Paper;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Labels for the cups of a table: of a blind one nothing on them tells. */
@Component
class CupLabels {

    private static final int LABELS_A_ROW = 4;
    private static final int CUPS_A_SET = 3;

    private final CupSetRepository sets;
    private final SampleNames names;
    private final SecureRandom random = new SecureRandom();

    CupLabels(CupSetRepository sets, SampleNames names) {
        this.sets = sets;
        this.names = names;
    }

    record CupLabel(String mark, String under) {}

    record LabelRow(List<CupLabel> cells) {}

    record LabelPage(String title, List<LabelRow> rows) {}

    /** With codes, marks or places; of an open table with what is in the cups. */
    byte[] print(CuppingEntity table) {
        List<CupLabel> labels = new ArrayList<>(labels(table));
        if (table.blinding().blind() == Blindness.UNDERSIDE) {
            Collections.shuffle(labels, random);
        }
        while (labels.size() % LABELS_A_ROW != 0) {
            labels.add(new CupLabel("", ""));
        }
        List<LabelRow> rows = IntStream.range(0, labels.size() / LABELS_A_ROW)
                .mapToObj(i -> new LabelRow(labels.subList(i * LABELS_A_ROW, (i + 1) * LABELS_A_ROW)))
                .toList();
        return Paper.write("cup-labels", new LabelPage("Labels, table " + table.id(), rows));
    }

    private List<CupLabel> labels(CuppingEntity table) {
        boolean shuffled = table.blinding().blind() == Blindness.UNDERSIDE;
        if (table.kind() == TableKind.TRIANGLE && !shuffled) {
            return sets.findAllByCuppingIdOrderByNumber(table.id()).stream()
                    .flatMap(s -> IntStream.rangeClosed(1, CUPS_A_SET)
                            .mapToObj(cup -> new CupLabel("Set " + s.number(), "cup " + cup)))
                    .toList();
        }
        int cups = table.kind() == TableKind.TRIANGLE ? 2 * sets.countByCuppingId(table.id()) : table.cups();
        return table.samples().stream()
                .flatMap(s -> IntStream.rangeClosed(1, cups).mapToObj(cup -> label(table, s, cup, cups)))
                .toList();
    }

    private CupLabel label(CuppingEntity table, CuppingSampleEntity s, int cup, int cups) {
        String which = cups == 1 ? "" : "cup " + cup;
        return switch (table.blinding().blind()) {
            case OPEN ->
                new CupLabel(
                        s.code(),
                        Stream.of(names.of(s), which).filter(t -> !t.isEmpty()).collect(Collectors.joining(", ")));
            case CODED -> new CupLabel(s.code(), which);
            case UNDERSIDE -> new CupLabel(Optional.ofNullable(s.mark()).orElse(s.code()), "under the cup");
        };
    }
}
