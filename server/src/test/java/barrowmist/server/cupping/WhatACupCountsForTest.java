package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.EnumSet;
import java.util.Set;
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

    private final Lab lab;
    private final JdbcTemplate store;

    WhatACupCountsForTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        lab = new Lab(mvc);
        this.store = store;
    }

    /** Rows that a lab cannot make by itself yet, or that are the absence of every other. */
    @ParameterizedTest
    @EnumSource(
            value = CupTrait.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"REFERENCE", "GRIND_OFF"})
    void eachRowHoldsInEveryServiceThatUsesCups(CupTrait trait) {
        OneCup of = OneCup.laid(trait, lab, store);
        UsesOfACup uses = new UsesOfACup(lab, store);
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
            assertThat(uses.seen(use, of)).as(trait + " for " + use).isIn(allowed);
        }
    }

    @Test
    void anAgeingRecupDoesNotTakeTheFreshCupsPlace() {
        OneCup fresh = OneCup.laid(CupTrait.IN_WINDOW, lab, store);
        long table = OneCup.table(CupTrait.PAST, fresh.roast(), lab);
        String code =
                lab.get("/api/cuppings/" + table).body().at("/samples/0/code").asString();
        lab.post(
                "/api/cuppings/" + table + "/sheets",
                "{\"code\":\"%s\",\"cupper\":\"Late\",%s,\"words\":[{\"word\":\"stale\",\"cups\":5},{\"word\":\"cardboard\",\"cups\":5}]}"
                        .formatted(code, OneCup.SCORES.replace(":8", ":6.5")));
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
