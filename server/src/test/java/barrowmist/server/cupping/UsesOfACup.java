package barrowmist.server.cupping;

import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupUse;
import barrowmist.server.Lab;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Each use of cups, asked as its page asks. */
record UsesOfACup(Lab lab, JdbcTemplate store) {

    /** What that use makes of the cup, as a person sees it. */
    Answer seen(CupUse use, OneCup of) {
        return switch (use) {
            case TRACE -> {
                JsonNode trace = lab.get("/api/roasts/" + of.roast() + "/trace").body();
                // a cup that is apart for its age alone is what its roast is traced by
                yield trace.get("cups").asInt() > 0 ? Answer.YES : Answer.NO;
            }
            case USUAL ->
                lab.put("/api/roasts/" + of.roast() + "/accepted", "{\"accepted\":true}")
                                                .status()
                                        == 200
                                && teaches(of)
                        ? Answer.YES
                        : Answer.NO;
            case DECISION -> {
                String says =
                        lab.get("/api/lots/" + of.lot() + "/decision").body().toString();
                yield says.contains(" on 1 sheet")
                        ? (says.contains("of the value") ? Answer.APART : Answer.YES)
                        : says.contains("No sheet has a final score") ? Answer.APART : Answer.NO;
            }
            case REPORT, EXPORT -> {
                JsonNode scores =
                        lab.get("/api/lots/" + of.lot() + "/report").body().get("scores");
                yield scores.get("sheets").asInt() > 0
                        ? Answer.YES
                        : scores.get("apart").size() > 0 ? Answer.APART : Answer.NO;
            }
            case SUPPLIER ->
                lab.get("/api/suppliers/" + of.supplier()).body().at("/lots/0").has("score") ? Answer.YES : Answer.NO;
            case PATTERNS ->
                lab.get("/api/patterns/points?machineId=%d&cause=baked&metric=chargeC".formatted(of.machine()))
                                .body()
                                .toString()
                                .contains("roastId")
                        ? Answer.YES
                        : Answer.NO;
            case AGEING -> {
                lab.put("/api/roasts/" + of.roast() + "/ageing", "{\"keptG\":80,\"days\":[300]}");
                boolean point = false;
                for (JsonNode study : lab.get("/api/rest/shelf").body().get("ageing")) {
                    point |= study.get("roastId").asLong() == of.roast()
                            && study.get("points").size() > 0;
                }
                lab.delete("/api/roasts/" + of.roast() + "/ageing");
                yield point ? Answer.YES : Answer.NO;
            }
            case CUPPER -> {
                JsonNode history =
                        lab.get("/api/cuppers/" + of.cupper() + "/history").body();
                yield history.has("tables") && history.get("tables").size() > 0 ? Answer.YES : Answer.NO;
            }
            case OVER_TIME -> {
                String rows =
                        lab.get("/api/traces/over-time?by=supplier").body().toString();
                yield rows.contains(of.supplier() + "\"") ? Answer.YES : Answer.NO;
            }
            case TODAY -> Boolean.TRUE.equals(flag("on_today", of)) ? Answer.YES : Answer.NO;
            case SEARCH -> {
                JsonNode found =
                        lab.get("/api/roasts/search?taste=" + of.word()).body();
                yield found.toString().contains("\"id\":" + of.roast() + ",") ? Answer.YES : Answer.NO;
            }
        };
    }

    private Boolean flag(String column, OneCup of) {
        return store
                .queryForList("select " + column + " from roast_trace where roast_id = ?", Boolean.class, of.roast())
                .stream()
                .findFirst()
                .orElse(false);
    }

    private boolean teaches(OneCup of) {
        return lab.get("/api/machines/" + of.machine() + "/references")
                .body()
                .toString()
                .contains("\"roasts\":1");
    }
}
