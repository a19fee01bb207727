package barrowmist.server.cupping;

import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was answered at triangles, for those who read them; of a table that is not revealed, nothing. */
@Service
@Transactional(readOnly = true)
public class ToldTriangles {

    private final CupSetRepository sets;

    ToldTriangles(CupSetRepository sets) {
        this.sets = sets;
    }

    /**
     * One answered set of two roasts, as they came from the drum.
     *
     * @param right whether the odd cup was found
     */
    public record ToldSet(long firstRoastId, long secondRoastId, String cupper, boolean right) {}

    /** Sets of two roasts of ours, of which at least one is of this lot. */
    public List<ToldSet> ofLot(long lotId) {
        return sets.answeredOfLot(lotId).stream()
                .filter(s -> s.cupping().samples().size() == 2
                        && s.cupping().samples().stream().allMatch(x -> x.roastId() != null && x.treatment() == null))
                .map(s -> new ToldSet(roast(s, 0), roast(s, 1), Objects.requireNonNull(s.cupper()), s.right()))
                .toList();
    }

    private static long roast(CupSetEntity set, int at) {
        return Objects.requireNonNull(set.cupping().samples().get(at).roastId());
    }
}
