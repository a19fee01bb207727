package barrowmist.server.trace;

import barrowmist.core.trace.JudgeFirst;
import barrowmist.server.access.Member;
import barrowmist.server.roast.RoastService;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import barrowmist.server.web.StoredJson;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Cups that are judged before the answer is read. Who has read an answer leans towards it, so the program's record tells these
 * verdicts apart.
 */
@Service
@KeptInTurn
public class JudgedFirst {

    static final StoredJson<Share> NAME = StoredJson.of("judge-first", Share.class);

    private final SettingStore settings;
    private final ShownRepository shown;
    private final VerdictRepository verdicts;
    private final RoastService roasts;
    private final Clock clock;

    JudgedFirst(
            SettingStore settings,
            ShownRepository shown,
            VerdictRepository verdicts,
            RoastService roasts,
            Clock clock) {
        this.roasts = roasts;
        this.settings = settings;
        this.shown = shown;
        this.verdicts = verdicts;
        this.clock = clock;
    }

    /** What share of the cups is drawn to be judged first, 0 to 1; 0 where the lead has not asked for it. */
    public record Share(double share) {}

    /** The share that holds. */
    @Transactional(readOnly = true)
    public Share share() {
        return settings.get(NAME, () -> new Share(0));
    }

    Share keep(Share asked) {
        if (!(asked.share() >= 0 && asked.share() <= 1)) {
            throw new InputProblems(
                    "share", String.format(Locale.ROOT, "The share is %s, expected 0 to 1", asked.share()));
        }
        settings.keep(NAME, asked, null);
        return asked;
    }

    /** Whether this cup is to be judged before its answer is read. */
    @Transactional(readOnly = true)
    public boolean waits(long roastId) {
        return JudgeFirst.drawn(roastId, share().share())
                && !shown.existsById(roastId)
                && verdicts.findAllByRoastIdOrderByIdDesc(roastId).isEmpty();
    }

    /** The rows of a list, without the answer where the cup is to be judged first. */
    List<TraceRow> untold(List<TraceRow> rows) {
        double share = share().share();
        Set<Long> drawn = rows.stream()
                .map(TraceRow::roastId)
                .filter(id -> JudgeFirst.drawn(id, share))
                .collect(Collectors.toSet());
        if (drawn.isEmpty()) {
            return rows;
        }
        drawn.removeAll(
                shown.findAllById(drawn).stream().map(ShownEntity::roastId).toList());
        drawn.removeAll(verdicts.judged(drawn));
        return rows.stream()
                .map(r -> drawn.contains(r.roastId()) ? r.untold() : r)
                .toList();
    }

    /**
     * Somebody who may judge has read the answer; the first time counts.
     *
     * @throws NotFound if there is no such roast
     */
    void read(long roastId) {
        roasts.get(roastId);
        if (!shown.existsById(roastId)) {
            shown.save(new ShownEntity(roastId, Member.nameOfCaller(), clock.instant()));
        }
    }
}
