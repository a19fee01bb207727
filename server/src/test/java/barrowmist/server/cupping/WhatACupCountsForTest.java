package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/**
 * Every row of the table of what a cup counts for, through the running services: a lot with one such cup, and each use of
 * cups asked for it, as its page asks.
 */
@LabTest
@TestPropertySource(properties = "lab.of=counting")
class WhatACupCountsForTest {

    private static final String SCORES =
            "\"attributes\":{\"fragranceAroma\":8,\"flavour\":8,\"aftertaste\":8,\"acidity\":8,\"body\":8,\"balance\":8,\"overall\":8}";
    private static final String SECTIONS =
            "\"attributes\":{\"fragrance\":6,\"aroma\":6,\"flavour\":6,\"aftertaste\":6,\"acidity\":6,\"sweetness\":6,\"mouthfeel\":6,\"overall\":6}";
    private static final Instant ROASTED = Instant.now().minus(Duration.ofDays(30));
    private static int count;

    private final Lab lab;
    private final JdbcTemplate store;

    WhatACupCountsForTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        lab = new Lab(mvc);
        this.store = store;
    }

    /** A lot of its own with one cup of that trait. */
    private record Cup(
            CupTrait trait, long lot, long roast, long machine, String supplier, String cupper, String word) {}

    private Cup cup(CupTrait trait) {
        int n = ++count;
        String supplier = "Supplier " + n;
        long lot = lab.post(
                        "/api/lots",
                        "{\"name\":\"Hill %d\",\"supplier\":\"%s\",\"origin\":\"Burundi\",\"process\":\"washed\",\"arrivalDate\":\"2026-01-05\",\"kg\":60,\"moisturePct\":10.9}"
                                .formatted(n, supplier))
                .id();
        long machine =
                lab.post("/api/machines", "{\"name\":\"Drum %d\"}".formatted(n)).id();
        long roast = lab.csv(
                        "/api/lots/" + lot + "/roasts?machineId=" + machine,
                        "# roasted_at: " + ROASTED.toString().substring(0, 16) + "\n# batch: " + n + "\n"
                                + KnownLog.csv(false))
                .id();
        kind(trait, roast);
        String word = trait == CupTrait.TRIAGE ? "" : ",\"words\":[{\"word\":\"word%d\",\"cups\":1}]".formatted(n);
        lab.post("/api/vocabulary", "{\"word\":\"word%d\",\"group\":\"fruit\"}".formatted(n));
        String cupper = "Cupper " + n;
        long table = table(trait, roast);
        JsonNode laid = lab.get("/api/cuppings/" + table).body();
        String sample = trait == CupTrait.OPEN
                ? "\"roastId\":" + roast
                : "\"code\":\"" + laid.at("/samples/0/code").asString() + "\"";
        String content =
                trait == CupTrait.AFFECTIVE ? SECTIONS : trait == CupTrait.TRIAGE ? "\"verdict\":\"through\"" : SCORES;
        Lab.Answer sheet = lab.post(
                "/api/cuppings/" + table + "/sheets",
                "{%s,\"cupper\":\"%s\",%s%s}".formatted(sample, cupper, content, word));
        assertThat(sheet.status()).as(sheet.body().toString()).isEqualTo(201);
        lab.post("/api/cuppings/" + table + "/reveal", "{\"reason\":\"done\"}");
        renewed();
        return new Cup(trait, lot, roast, machine, supplier, cupper, "word" + n);
    }

    private void kind(CupTrait trait, long roast) {
        switch (trait) {
            case PULL, WARM_UP, PRACTICE ->
                store.update(
                        "update roast set kind = ? where id = ?",
                        trait.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                        roast);
            case BATCH -> store.update("update roast set production = true where id = ?", roast);
            default -> {
                // a sample roast
            }
        }
    }

    private long table(CupTrait trait, long roast) {
        Duration age = switch (trait) {
            case TOO_YOUNG -> Duration.ofHours(4);
            case PAST -> Duration.ofDays(24);
            default -> Duration.ofHours(16);
        };
        String treated = trait == CupTrait.TREATED ? ",\"treatment\":\"quakers picked out\"" : "";
        String protocol = switch (trait) {
            case MILK -> ",\"protocol\":{\"serving\":\"milk\",\"milkMl\":50}";
            case ESPRESSO -> ",\"protocol\":{\"serving\":\"espresso\",\"doseG\":18,\"yieldG\":36}";
            case WATER_OFF -> ",\"protocol\":{\"doseG\":8.25,\"waterMl\":150,\"waterC\":80}";
            case DOSE_OFF -> ",\"protocol\":{\"doseG\":14,\"waterMl\":150,\"waterC\":93}";
            default -> "";
        };
        String form = switch (trait) {
            case AFFECTIVE -> ",\"form\":\"value-assessment\"";
            case TRIAGE -> ",\"kind\":\"triage\"";
            default -> ",\"form\":\"hundred-point\"";
        };
        return lab.post(
                        "/api/cuppings",
                        "{\"cuppedAt\":\"%s\",\"cups\":%d,\"blind\":\"%s\"%s%s,\"samples\":[{\"roastId\":%d%s}]}"
                                .formatted(
                                        ROASTED.plus(age).plus(Duration.ofMinutes(15)),
                                        trait == CupTrait.ONE_CUP ? 1 : 5,
                                        trait == CupTrait.OPEN ? "open" : "coded",
                                        form,
                                        protocol,
                                        roast,
                                        treated))
                .id();
    }

    /** Traces are worked out anew before a list of them is read. */
    private void renewed() {
        Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> {
            lab.get("/api/traces");
            return lab.get("/api/traces/renewal").body().get("left").asInt() == 0;
        });
    }

    /** What that use makes of the cup, as a person sees it. */
    private Answer seen(CupUse use, Cup of) {
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

    private Boolean flag(String column, Cup of) {
        return store
                .queryForList("select " + column + " from roast_trace where roast_id = ?", Boolean.class, of.roast())
                .stream()
                .findFirst()
                .orElse(false);
    }

    private boolean teaches(Cup of) {
        return lab.get("/api/machines/" + of.machine() + "/references")
                .body()
                .toString()
                .contains("\"roasts\":1");
    }

    /** Rows that a lab cannot make by itself yet, or that are the absence of every other. */
    @ParameterizedTest
    @EnumSource(
            value = CupTrait.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"REFERENCE", "GRIND_OFF"})
    void eachRowHoldsInEveryServiceThatUsesCups(CupTrait trait) {
        Cup of = cup(trait);
        for (CupUse use : EnumSet.of(
                CupUse.TRACE,
                CupUse.DECISION,
                CupUse.REPORT,
                CupUse.SUPPLIER,
                CupUse.PATTERNS,
                CupUse.AGEING,
                CupUse.OVER_TIME,
                CupUse.TODAY)) {
            Answer wanted = CupCounting.of(trait, use);
            boolean byAge = use == CupUse.TRACE && wanted == Answer.APART;
            Set<Answer> allowed = byAge
                    ? Set.of(Answer.YES)
                    // what is apart is told where there is a place to tell it, and is in no figure elsewhere
                    : wanted == Answer.APART ? EnumSet.of(Answer.APART, Answer.NO) : EnumSet.of(wanted);
            assertThat(seen(use, of)).as(trait + " for " + use).isIn(allowed);
        }
    }

    @Test
    void anAgeingRecupDoesNotTakeTheFreshCupsPlace() {
        Cup fresh = cup(CupTrait.IN_WINDOW);
        long table = table(CupTrait.PAST, fresh.roast());
        String code =
                lab.get("/api/cuppings/" + table).body().at("/samples/0/code").asString();
        lab.post(
                "/api/cuppings/" + table + "/sheets",
                "{\"code\":\"%s\",\"cupper\":\"Late\",%s,\"words\":[{\"word\":\"stale\",\"cups\":5},{\"word\":\"cardboard\",\"cups\":5}]}"
                        .formatted(code, SCORES.replace(":8", ":6.5")));
        lab.post("/api/cuppings/" + table + "/reveal", "{\"reason\":\"done\"}");
        JsonNode trace = lab.get("/api/roasts/" + fresh.roast() + "/trace").body();
        assertThat(trace.get("sheets").asInt()).isEqualTo(1);
        assertThat(trace.get("restHours").asDouble()).isBetween(15.0, 17.0);
        assertThat(trace.get("leftOut").toString()).contains("1 sheet cupped long after roasting is kept apart.");
        assertThat(lab.get("/api/lots/" + fresh.lot() + "/decision")
                        .body()
                        .at("/proposal/reasons/0/text")
                        .asString())
                .contains("86.00 on 1 sheet");
    }
}
