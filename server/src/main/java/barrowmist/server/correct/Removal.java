package barrowmist.server.correct;

import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Deletes what nothing stands on, and puts the rest aside: lists leave it out, and what stands on it goes on. */
@Service
@KeptInTurn
class Removal {

    private final JdbcTemplate store;

    Removal(JdbcTemplate store) {
        this.store = store;
    }

    /** Something that was put aside. */
    record PutAside(String kind, long id, String name) {}

    /** @throws Conflict if something stands on it, naming what */
    void delete(Thing thing, long id) {
        find(thing, id);
        List<String> used = new ArrayList<>();
        for (Thing.Use use : thing.uses()) {
            long n = count(use.sql(), id);
            if (n > 0) {
                used.add(n + " " + (n == 1 ? use.one() : use.many()));
            }
        }
        if (!used.isEmpty()) {
            throw new Conflict(
                    "There stand on this " + thing.word() + ": " + String.join(", ", used) + ". It can be put aside.",
                    Map.of("uses", used));
        }
        if (thing == Thing.ROASTER && count("select count(*) from machine where id <> ?", id) == 0) {
            throw new Conflict("This is the only roaster there is.", Map.of());
        }
        thing.own().forEach(sql -> store.update(sql, id));
        store.update("delete from " + thing.table() + " where id = ?", id);
    }

    void putAside(Thing thing, long id, boolean aside) {
        find(thing, id);
        if (aside
                && thing == Thing.ROASTER
                && count("select count(*) from machine where not put_aside and id <> ?", id) == 0) {
            throw new Conflict("This is the only roaster that is in use.", Map.of());
        }
        store.update("update " + thing.table() + " set put_aside = ? where id = ?", aside, id);
    }

    /** All that was put aside, by kind. */
    List<PutAside> all() {
        List<PutAside> out = new ArrayList<>();
        for (Thing t : Thing.values()) {
            out.addAll(store.query(
                    "select id, " + t.named() + " as name from " + t.table() + " where put_aside order by id desc",
                    (row, n) -> new PutAside(t.path(), row.getLong("id"), row.getString("name"))));
        }
        return out;
    }

    private void find(Thing thing, long id) {
        if (count("select count(*) from " + thing.table() + " where id = ?", id) == 0) {
            throw new NotFound(thing.word(), id);
        }
    }

    private long count(String sql, long id) {
        Long n = store.queryForObject(sql, Long.class, id);
        return n == null ? 0 : n;
    }
}
