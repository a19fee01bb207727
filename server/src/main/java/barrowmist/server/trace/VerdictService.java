package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Traced;
import barrowmist.server.access.Member;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the lead holds of a cup, beside what the program says; it can be changed at any time, and what was held stays. */
@Service
@KeptInTurn
public class VerdictService {

    private static final int LONGEST_REASON = 500;

    private final VerdictRepository verdicts;
    private final RoastService roasts;
    private final JudgedFirst first;
    private final Clock clock;

    VerdictService(VerdictRepository verdicts, RoastService roasts, JudgedFirst first, Clock clock) {
        this.first = first;
        this.verdicts = verdicts;
        this.roasts = roasts;
        this.clock = clock;
    }

    /**
     * @param said what the program names first: its own record is kept by it
     * @throws InputProblems if there is no such cause, or no word why
     */
    public VerdictView give(long roastId, @Nullable String cause, @Nullable String reason, Traced.Answer said) {
        var roast = roasts.get(roastId);
        if (cause == null
                || !VerdictEntity.NONE.equals(cause) && Cause.parse(cause).isEmpty()) {
            throw new InputProblems("cause", "cause is " + cause + ", expected one of " + allowed());
        }
        String why = reason == null ? "" : reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new InputProblems("reason", "A word why is wanted, of 1 to " + LONGEST_REASON + " characters");
        }
        String who = Member.nameOfCaller();
        VerdictEntity given =
                verdicts.save(new VerdictEntity(roastId, cause, why, who, clock.instant(), said, first.waits(roastId)));
        roast.setSettled(true);
        return VerdictView.of(given);
    }

    /** Whether somebody is done with a trace, with or without a verdict. */
    public void settle(long roastId, boolean settled) {
        roasts.get(roastId).setSettled(settled);
    }

    private static String allowed() {
        return Stream.concat(Stream.of(Cause.values()).map(Cause::code), Stream.of(VerdictEntity.NONE))
                .collect(Collectors.joining(", "));
    }

    /**
     * What the lead holds of a roast.
     *
     * @param said what the program named first when it was given
     * @param first whether it was judged before that was read
     */
    public record Judged(long roastId, String cause, String said, double saidOdds, boolean first) {}

    /** What holds, of every roast of which the program had said something; the newest first. */
    @Transactional(readOnly = true)
    public List<Judged> judged() {
        return verdicts.holding().stream()
                .filter(v -> v.said() != null)
                .map(v -> new Judged(
                        v.roastId(),
                        v.cause(),
                        Objects.requireNonNull(v.said()),
                        Objects.requireNonNull(v.saidOdds()),
                        v.judgedFirst()))
                .toList();
    }

    /** The code of the cause that the lead holds of a roast, {@code none} for none; empty where nothing was judged. */
    @Transactional(readOnly = true)
    public Optional<String> held(long roastId) {
        return verdicts.findAllByRoastIdOrderByIdDesc(roastId).stream()
                .findFirst()
                .map(VerdictEntity::cause);
    }

    /** Those of a roast, the one that holds first. */
    @Transactional(readOnly = true)
    List<VerdictView> of(long roastId) {
        return verdicts.findAllByRoastIdOrderByIdDesc(roastId).stream()
                .map(VerdictView::of)
                .toList();
    }
}
