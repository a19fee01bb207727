package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.cupping.panel.TrianglePlan;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.SensoryViews.AnswerEntry;
import barrowmist.server.cupping.SensoryViews.DifferenceView;
import barrowmist.server.cupping.SensoryViews.SetView;
import barrowmist.server.cupping.SensoryViews.TrianglePlanView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Triangles: one answer a set, and what they come to. */
@Service
@KeptInTurn
public class DifferenceService {

    private static final int MAX_WHAT = 400;

    private final Tables tables;
    private final CupSetRepository sets;
    private final TriangleOutcomes outcomes;
    private final Clock clock;

    DifferenceService(Tables tables, CupSetRepository sets, TriangleOutcomes outcomes, Clock clock) {
        this.outcomes = outcomes;
        this.tables = tables;
        this.sets = sets;
        this.clock = clock;
    }

    /** What so many sets can show where such a share of people tells the two apart; both may be left out. */
    static TrianglePlanView plan(@Nullable Integer sets, @Nullable Double share) {
        int served = Objects.requireNonNullElse(sets, TrianglePlan.USUAL_SETS);
        double tell = Objects.requireNonNullElse(share, Difference.USUAL_SHARE);
        InputProblems.refuseIfAny(new Checks()
                .range("sets", "Sets", served, 1, TrianglePlan.MOST_SETS, "")
                .range("share", "The share of people who tell them apart", tell, 0, 1, "")
                .problems());
        TrianglePlan plan = TrianglePlan.of(served, tell);
        return new TrianglePlanView(plan, plan.text());
    }

    /** @throws Conflict if somebody else has answered this set, or the table is revealed */
    public SetView answer(long id, AnswerEntry entry) {
        CuppingEntity table = tables.get(id, TableKind.TRIANGLE);
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: an answer would no longer be blind.", Map.of());
        }
        if (table.blinding().countedAt() != null) {
            throw new Conflict(
                    "The answers of this table were counted: from then on they are fixed, or they could be changed until"
                            + " they are right.",
                    Map.of());
        }
        String cupper = tables.whose(table, entry.cupper());
        refuseIfWrong(entry);
        CupSetEntity set = set(id, entry.set());
        if (set.cupper() != null && !set.cupper().equals(cupper)) {
            throw new Conflict(
                    "Set " + set.number() + " was answered by " + set.cupper() + " already.",
                    Map.of("set", set.number()));
        }
        int odd = Objects.requireNonNull(entry.odd());
        String what = entry.what() == null || entry.what().isBlank()
                ? null
                : entry.what().strip();
        set.answer(cupper, odd, what, entry.sweeter(), entry.preferred(), clock.instant());
        return SetView.of(sets.saveAndFlush(set), table.told());
    }

    private static void refuseIfWrong(AnswerEntry entry) {
        Checks checks = new Checks();
        if (entry.odd() == null || entry.odd() < 1 || entry.odd() > 3) {
            checks.add("odd", "odd is " + entry.odd() + ", expected 1, 2 or 3: the cup that is not like the others");
        }
        if (entry.what() != null && entry.what().length() > MAX_WHAT) {
            checks.add("what", "what has " + entry.what().length() + " characters, at most " + MAX_WHAT + " are kept");
        }
        InputProblems.refuseIfAny(checks.problems());
    }

    private CupSetEntity set(long id, @Nullable Integer number) {
        if (number == null) {
            throw new InputProblems("set", "set is missing: which three cups were tasted?");
        }
        return sets.findByCuppingIdAndNumber(id, number)
                .orElseThrow(() ->
                        new InputProblems("set", "set is " + number + ", expected 1 to " + sets.countByCuppingId(id)));
    }

    /**
     * Counts the answers before the reveal, and fixes them by it; for whoever runs the table.
     *
     * @throws Conflict if a set waits for its answer, or nobody knows yet who was right
     */
    DifferenceView count(long id) {
        CuppingEntity table = tables.get(id, TableKind.TRIANGLE);
        refuseUnlessRunHere(table);
        List<CupSetEntity> all = sets.findAllByCuppingIdOrderByNumber(id);
        long waiting = all.stream().filter(s -> s.answered().isEmpty()).count();
        if (!table.told() && waiting > 0) {
            throw new Conflict(
                    waiting + " of " + all.size()
                            + " sets wait for their answer: until then nobody sees how it stands.",
                    Map.of());
        }
        refuseUnlessTurnedOver(table);
        table.blinding().count(clock.instant());
        return outcomes.of(table, all);
    }

    /**
     * What the answers come to.
     *
     * @throws Conflict if the table is not revealed, and its answers were not counted or the caller does not run it
     */
    DifferenceView difference(long id) {
        CuppingEntity table = tables.get(id, TableKind.TRIANGLE);
        refuseUnlessRunHere(table);
        if (!table.told() && table.blinding().countedAt() == null) {
            throw new Conflict(
                    "The answers are not counted yet: whoever runs the table does it when every set is answered.",
                    Map.of());
        }
        refuseUnlessTurnedOver(table);
        return outcomes.of(table, sets.findAllByCuppingIdOrderByNumber(id));
    }

    private static void refuseUnlessRunHere(CuppingEntity table) {
        if (!table.told() && !Member.runsTables()) {
            throw new Conflict("This table is not revealed yet: until then nobody sees how it stands.", Map.of());
        }
    }

    private static void refuseUnlessTurnedOver(CuppingEntity table) {
        if (table.blinding().unmatched()) {
            throw new Conflict(
                    "The cups of this table were shuffled: turn them over first, until then nobody knows who was right.",
                    Map.of());
        }
    }
}
