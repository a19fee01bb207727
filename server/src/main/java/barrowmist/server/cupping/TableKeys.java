package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import barrowmist.server.cupping.TableEntries.SealEntry;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Who may see what stands under the codes: it is noted, and a lead who cups can put the key away from themselves. */
@Service
@KeptInTurn
class TableKeys {

    private static final int MAX_REASON = 400;

    private final Tables tables;
    private final Clock clock;

    TableKeys(Tables tables, Clock clock) {
        this.tables = tables;
        this.clock = clock;
    }

    /**
     * Somebody is about to see the key, on a screen or on paper.
     *
     * @throws Conflict if it was put away
     */
    void open(CuppingEntity table) {
        Blinding blinding = table.blinding();
        if (blinding.sealed() && !preparesOnly()) {
            throw new Conflict(
                    "The key is put away, because whoever cups here does not want to know. Fetch it with a reason, or let"
                            + " somebody else prepare.",
                    Map.of("sealed", true));
        }
        if (blinding.blind() == Blindness.CODED) {
            blinding.keySeen(clock.instant());
        }
    }

    /** A roaster who is not the lead and signed in as one: the key is put away from the lead, not from who prepares. */
    private static boolean preparesOnly() {
        return Member.ofCaller().filter(m -> m.role() == Role.ROASTER).isPresent();
    }

    /** @throws Conflict if there is nothing to put away */
    void seal(long id) {
        CuppingEntity table = tables.get(id);
        if (table.blinding().blind() == Blindness.OPEN || table.told()) {
            throw new Conflict("Everybody may know what stands on this table: there is no key to put away.", Map.of());
        }
        if (!table.blinding().sealed()) {
            table.blinding().seal(clock.instant());
        }
    }

    /** Fetches a key that was put away; why, and by whom, stays written on the table. */
    void breakSeal(long id, SealEntry entry) {
        CuppingEntity table = tables.get(id);
        String reason = entry.reason() == null ? "" : entry.reason().strip();
        if (reason.isEmpty() || reason.length() > MAX_REASON) {
            throw new InputProblems("reason", "Say why the key is fetched, in 1 to " + MAX_REASON + " characters");
        }
        if (table.blinding().sealed()) {
            table.blinding()
                    .breakSeal(
                            clock.instant(), Member.ofCaller().map(Member::name).orElse(null), reason);
        }
    }
}
