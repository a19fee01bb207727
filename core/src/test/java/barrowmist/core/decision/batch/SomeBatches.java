package barrowmist.core.decision.batch;

import barrowmist.core.roast.RoastFigures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Batches of which only the weight loss is known. */
final class SomeBatches {

    static final LocalDate FIRST = LocalDate.of(2026, 3, 2);
    private static final int A_DAY = 4;

    private SomeBatches() {}

    static Batch batch(int i, double lossPct, String lot, String person, boolean held) {
        return new Batch(
                i + 1,
                FIRST.plusDays(i / A_DAY),
                lot,
                person,
                RoastFigures.NONE,
                OptionalDouble.of(lossPct),
                OptionalDouble.empty(),
                held);
    }

    static List<Batch> of(double... lossPct) {
        List<Batch> out = new ArrayList<>();
        for (int i = 0; i < lossPct.length; i++) {
            out.add(batch(i, lossPct[i], "Lot", "", false));
        }
        return out;
    }
}
