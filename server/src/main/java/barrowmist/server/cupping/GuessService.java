package barrowmist.server.cupping;

import barrowmist.core.cupping.TableKind;
import barrowmist.core.green.Process;
import barrowmist.server.cupping.PreferenceViews.GuessEntry;
import barrowmist.server.cupping.PreferenceViews.GuessView;
import barrowmist.server.green.LotEntity;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Before a roast-off everybody may guess origin and process from the green. */
@Service
@KeptInTurn
public class GuessService {

    private static final int MAX_ORIGIN = 120;

    private final Tables tables;
    private final GuessRepository guesses;
    private final RoastService roasts;
    private final Clock clock;

    GuessService(Tables tables, GuessRepository guesses, RoastService roasts, Clock clock) {
        this.tables = tables;
        this.guesses = guesses;
        this.roasts = roasts;
        this.clock = clock;
    }

    /** Keeps a guess; the next one takes its place until the reveal. */
    public GuessEntry guess(long id, GuessEntry entry) {
        CuppingEntity table = tables.get(id, TableKind.ROAST_OFF);
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: there is nothing left to guess.", Map.of());
        }
        String cupper = tables.whose(table, entry.cupper());
        String origin = entry.origin() == null ? "" : entry.origin().strip();
        if (origin.length() > MAX_ORIGIN) {
            throw new InputProblems("origin", "origin has at most " + MAX_ORIGIN + " characters");
        }
        Process process = entry.process();
        if (origin.isEmpty() && process == null) {
            throw new InputProblems("origin", "Guess an origin, a process, or both");
        }
        GuessEntity kept = guesses.findByCuppingIdAndCupper(id, cupper)
                .orElseGet(() -> new GuessEntity(table, cupper, clock.instant()));
        kept.guess(origin.isEmpty() ? null : origin, process, clock.instant());
        guesses.saveAndFlush(kept);
        return new GuessEntry(cupper, kept.origin(), entry.process());
    }

    /** This cupper's own guess. */
    Optional<GuessEntry> own(long id, String cupper) {
        return guesses.findByCuppingIdAndCupper(id, cupper)
                .map(g -> new GuessEntry(g.cupper(), g.origin(), g.process()));
    }

    /** All guesses at a table that may be told, beside the lots that stand on it. */
    List<GuessView> of(CuppingEntity table) {
        List<LotEntity> lots = table.roastIds().stream()
                .map(roasts::get)
                .map(RoastEntity::lot)
                .distinct()
                .toList();
        return guesses.findAllByCuppingIdOrderById(table.id()).stream()
                .map(g -> new GuessView(
                        g.cupper(),
                        g.origin(),
                        right(lots, g.origin(), (lot, o) -> lot.origin().strip().equalsIgnoreCase(o)),
                        g.process(),
                        right(lots, g.process(), (lot, p) -> lot.process() == p)))
                .toList();
    }

    /** Whether it is true of any of them; null where nothing was guessed, or nothing is known. */
    private static <T> @Nullable Boolean right(
            List<LotEntity> lots, @Nullable T guess, BiPredicate<LotEntity, T> isTrue) {
        return guess == null || lots.isEmpty() ? null : lots.stream().anyMatch(lot -> isTrue.test(lot, guess));
    }
}
