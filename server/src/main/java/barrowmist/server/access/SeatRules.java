package barrowmist.server.access;

import java.util.Set;

/** All that a cupper's token opens: that table as it may be seen blind, and what is the cupper's own on it. */
final class SeatRules {

    private static final String TABLE = "/api/cuppings/{id}/";

    private static final Set<String> OF_THE_TABLE = Set.of(
            "GET " + TABLE + "table",
            "GET " + TABLE + "table/stream",
            "DELETE " + TABLE + "seat",
            "POST " + TABLE + "sheets",
            "GET " + TABLE + "sheets/{sheetId}",
            "PUT " + TABLE + "sheets/{sheetId}",
            "POST " + TABLE + "answers",
            "POST " + TABLE + "rankings",
            "POST " + TABLE + "guesses");

    /** Of every table, and telling of none. */
    private static final String FORMS = "GET /api/cupping-forms";

    private static final String JOIN = "POST /api/cuppings/join";

    private SeatRules() {}

    /** Whether it is asked for a seat: to join a table by its code needs no account. */
    static boolean joins(Operations.Called called) {
        return JOIN.equals(name(called));
    }

    /** Whether this seat may call that operation; what is not named is refused. */
    static boolean allow(Seat seat, Operations.Called called) {
        return FORMS.equals(name(called))
                || OF_THE_TABLE.contains(name(called))
                        && Long.toString(seat.tableId())
                                .equals(called.variables().get("id"));
    }

    private static String name(Operations.Called called) {
        return called.method() + " " + called.pattern();
    }
}
