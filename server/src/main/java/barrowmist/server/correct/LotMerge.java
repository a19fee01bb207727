package barrowmist.server.correct;

import barrowmist.server.green.GreenChanged;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Makes one lot of two that are the same, entered twice. */
@Service
@KeptInTurn
class LotMerge {

    private final JdbcTemplate store;
    private final ApplicationEventPublisher told;

    LotMerge(JdbcTemplate store, ApplicationEventPublisher told) {
        this.store = store;
        this.told = told;
    }

    /**
     * Everything of the one lot goes to the other, and the one is gone. What both say of themselves (kilos, supplier, the store)
     * stays as the other has it.
     *
     * @throws InputProblems if both are one
     * @throws Conflict if both have what only one can have, naming it
     */
    void merge(long id, long into) {
        if (id == into) {
            throw new InputProblems("into", "A lot is not merged into itself");
        }
        find(id);
        find(into);
        refuse(id, into);
        record Sample(long id, String stage) {}
        store.query(
                        "select id, stage from green_sample where lot_id = ?",
                        (row, n) -> new Sample(row.getLong("id"), row.getString("stage")),
                        id)
                .forEach(s -> sample(s.id(), s.stage(), into));
        // its roasts are numbered on after the other's, in their order
        store.update(
                "update roast set import_key = null where lot_id = ? and import_key in"
                        + " (select import_key from roast where lot_id = ? and import_key is not null)",
                id,
                into);
        long next = 1 + number("select coalesce(max(number_in_lot), 0) from roast where lot_id = ?", into);
        for (Long roast :
                store.queryForList("select id from roast where lot_id = ? order by number_in_lot", Long.class, id)) {
            store.update("update roast set lot_id = ?, number_in_lot = ? where id = ?", into, next++, roast);
        }
        for (String table : List.of("lot_decision", "lot_check", "lot_draw", "contract")) {
            store.update("update " + table + " set lot_id = ? where lot_id = ?", into, id);
        }
        store.update(
                "update lot_store set lot_id = ? where lot_id = ? and not exists"
                        + " (select 1 from lot_store o where o.lot_id = ?)",
                into,
                id,
                into);
        store.update("delete from lot where id = ?", id);
        told.publishEvent(new GreenChanged(into));
    }

    /** A sample of a stage that the other lot has as well becomes that one. */
    private void sample(long sample, String stage, long into) {
        List<Long> there = store.queryForList(
                "select id from green_sample where lot_id = ? and stage = ?", Long.class, into, stage);
        if (there.isEmpty()) {
            store.update("update green_sample set lot_id = ? where id = ?", into, sample);
            return;
        }
        long other = there.get(0);
        store.update(
                "update green_sample set inspection = (select s.inspection from green_sample s where s.id = ?),"
                        + " inspected = true, version = version + 1 where id = ? and not inspected"
                        + " and exists (select 1 from green_sample s where s.id = ? and s.inspected)",
                sample,
                other,
                sample);
        for (String table : List.of("roast", "roast_plan", "photo")) {
            store.update("update " + table + " set green_sample_id = ? where green_sample_id = ?", other, sample);
        }
        store.update("delete from green_sample where id = ?", sample);
    }

    private void refuse(long id, long into) {
        List<String> both = new ArrayList<>(store.queryForList(
                "select lower(a.stage) || ' sample inspected in both' from green_sample a join green_sample b"
                        + " on a.stage = b.stage where a.lot_id = ? and b.lot_id = ? and a.inspected and b.inspected",
                String.class,
                id,
                into));
        if (number("select count(*) from contract where lot_id in (?, " + into + ")", id) > 1) {
            both.add("a contract of its own in both");
        }
        if (number(Thing.Use.inBlends().sql(), id) > 0) {
            both.add("a blend that is made of it");
        }
        if (!both.isEmpty()) {
            throw new Conflict(
                    "These lots cannot be made one yet: " + String.join(", ", both) + ". Take it out there first.",
                    Map.of("both", both));
        }
    }

    private void find(long id) {
        if (number("select count(*) from lot where id = ?", id) == 0) {
            throw new NotFound("lot", id);
        }
    }

    private long number(String sql, long id) {
        Long n = store.queryForObject(sql, Long.class, id);
        return n == null ? 0 : n;
    }
}
