package barrowmist.server.green;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.check.Names;
import barrowmist.core.check.TextFile;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.csv.GreenReader;
import barrowmist.core.green.csv.GreenRow;
import barrowmist.core.green.csv.GreenWriter;
import barrowmist.server.green.GreenViews.GreenImportView;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes lots and inspections as a table and reads one back, all of it or nothing. */
@Service
@KeptInTurn
class GreenTableService {

    private static final int MOST_BYTES = 5 * 1024 * 1024;

    private final GreenSampleRepository samples;
    private final LotRepository lots;
    private final Clock clock;

    GreenTableService(GreenSampleRepository samples, LotRepository lots, Clock clock) {
        this.samples = samples;
        this.lots = lots;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    String write() {
        return GreenWriter.write(samples.findAllByOrderByLotIdDescIdAsc().stream()
                .map(s -> new GreenRow(0, s.lot().entry(), s.stage(), s.inspection()))
                .toList());
    }

    GreenImportView read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new InputProblems("file", "The file has more than %d MB".formatted(MOST_BYTES / 1048576));
        }
        TextFile text = TextFile.read(file)
                .orElseThrow(() -> new InputProblems("file", "This is not a text file: expected a CSV table of lots"));
        GreenReader.Result result = GreenReader.read(text.text(), LocalDate.now(clock));
        InputProblems.refuseIfAny(result.problems());
        List<FieldProblem> problems = new ArrayList<>();
        int newLots = 0;
        Map<String, LotEntity> known = lots.findAll().stream()
                .collect(Collectors.toMap(
                        lot -> key(lot.name(), lot.supplier()),
                        Function.identity(),
                        (first, again) -> first,
                        HashMap::new));
        for (GreenRow row : result.rows()) {
            String key = key(given(row.lot().name()), given(row.lot().supplier()));
            newLots += known.containsKey(key) ? 0 : 1;
            keep(known.computeIfAbsent(key, k -> lots.save(new LotEntity(row.lot()))), row, problems);
        }
        InputProblems.refuseIfAny(problems);
        return new GreenImportView(newLots, result.rows().size(), text.note().orElse(null));
    }

    /** What makes two rows the same lot. */
    private static String key(String name, String supplier) {
        return Names.comparable(name) + '\n' + Names.comparable(supplier);
    }

    private void keep(LotEntity lot, GreenRow row, List<FieldProblem> problems) {
        GreenSampleEntity sample = samples.findByLotIdAndStage(lot.id(), row.stage())
                .orElseGet(() -> samples.save(
                        new GreenSampleEntity(lot, row.stage(), given(row.lot().arrivalDate()))));
        if (row.inspection().equals(Inspection.none())) {
            return;
        }
        if (sample.inspected() && !sample.inspection().equals(row.inspection())) {
            problems.add(new FieldProblem(
                    "line " + row.line(),
                    "The %s sample of %s has another inspection already: nothing is overwritten by a table"
                            .formatted(row.stage().label(), lot.name())));
        } else if (!sample.inspected()) {
            sample.keep(row.inspection());
        }
    }

    /** The reader lets no row through that lacks it. */
    private static <T> T given(@Nullable T cell) {
        return Objects.requireNonNull(cell);
    }
}
