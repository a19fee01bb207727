package barrowmist.server.correct;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What can be deleted or put aside, with what may stand on it. A row of {@code own} goes with it; a row of {@code uses} keeps it.
 */
enum Thing {
    LOT(
            "lots",
            "lot",
            "lot",
            "name",
            List.of(
                    new Use("select count(*) from roast where lot_id = ?", "roast", "roasts"),
                    new Use(
                            "select count(*) from roast_plan p join green_sample g on g.id = p.green_sample_id where g.lot_id = ?",
                            "plan",
                            "plans"),
                    new Use(
                            "select count(*) from green_sample where lot_id = ? and inspected",
                            "inspected sample",
                            "inspected samples"),
                    new Use(
                            "select count(*) from photo p join green_sample g on g.id = p.green_sample_id where g.lot_id = ?",
                            "photograph",
                            "photographs"),
                    new Use("select count(*) from lot_decision where lot_id = ?", "decision", "decisions"),
                    new Use(
                            "select count(*) from lot_check where lot_id = ?",
                            "measurement in the store",
                            "measurements in the store"),
                    new Use("select count(*) from lot_draw where lot_id = ?", "draw of bags", "draws of bags"),
                    new Use("select count(*) from contract where lot_id = ?", "contract", "contracts"),
                    Use.inBlends()),
            List.of("delete from green_sample where lot_id = ?")),
    TABLE(
            "cuppings",
            "table",
            "cupping",
            "'table of ' || formatdatetime(cupped_at, 'd MMM yyyy')",
            List.of(
                    new Use("select count(*) from sheet where cupping_id = ?", "sheet", "sheets"),
                    new Use("select count(*) from ranking where cupping_id = ?", "vote", "votes"),
                    new Use("select count(*) from green_guess where cupping_id = ?", "guess", "guesses"),
                    new Use(
                            "select count(*) from cup_set where cupping_id = ? and answered_at is not null",
                            "answered set",
                            "answered sets"),
                    new Use(
                            "select count(*) from trace_proof where cupping_id = ?",
                            "change put to the proof",
                            "changes put to the proof"),
                    new Use(
                            "select count(*) from batch_taste where cupping_id = ?",
                            "taste of batches",
                            "tastes of batches"),
                    new Use(
                            "select count(*) from blend_trial where cupping_id = ?",
                            "trial of a blend",
                            "trials of a blend")),
            List.of(
                    "delete from table_seat where cupping_id = ?",
                    "delete from cup_set where cupping_id = ?",
                    "delete from cupping_sample where cupping_id = ?")),
    ROASTER(
            "machines",
            "roaster",
            "machine",
            "name",
            List.of(
                    new Use("select count(*) from roast where machine_id = ?", "roast", "roasts"),
                    new Use("select count(*) from roast_plan where machine_id = ?", "plan", "plans"),
                    new Use(
                            "select count(*) from machine_upkeep where machine_id = ?",
                            "entry of upkeep",
                            "entries of upkeep")),
            List.of("delete from machine_model where machine_id = ?")),
    /** Deleted by its own room, which knows what stands on it. */
    PLAN("plans", "plan", "roast_plan", "'plan ' || id", List.of(), List.of());

    private final String path;
    private final String word;
    private final String table;
    private final String name;
    private final List<Use> uses;
    private final List<String> own;

    Thing(String path, String word, String table, String name, List<Use> uses, List<String> own) {
        this.path = path;
        this.word = word;
        this.table = table;
        this.name = name;
        this.uses = uses;
        this.own = own;
    }

    /**
     * What may stand on a thing.
     *
     * @param sql counts it; its one parameter is the number of the thing
     * @param one of it, in words
     * @param many of it
     */
    record Use(String sql, String one, String many) {

        /** A blend keeps the numbers of its lots within its content. */
        static Use inBlends() {
            return new Use(
                    "select count(*) from blend where regexp_like(content, '\"lotId\":' || cast(? as varchar) || '[,}]')",
                    "blend",
                    "blends");
        }
    }

    static Optional<Thing> of(String path) {
        return Arrays.stream(values()).filter(t -> t.path.equals(path)).findFirst();
    }

    String path() {
        return path;
    }

    String word() {
        return word;
    }

    String table() {
        return table;
    }

    /** How it is called, as an expression of its table. */
    String named() {
        return name;
    }

    List<Use> uses() {
        return uses;
    }

    List<String> own() {
        return own;
    }
}
