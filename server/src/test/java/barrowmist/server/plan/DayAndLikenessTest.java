package barrowmist.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** The day, and the greens most like one, in the demo laboratory. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class DayAndLikenessTest extends PlanningLab {

    DayAndLikenessTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    @Test
    void theDayHasClockTimesAndACalendar() throws Exception {
        long first = washed.get("id").asLong();
        long second = natural.get("id").asLong();
        String content = """
                {"version":0,"content":{"machineId":1,"lit":"08:00","rest":"protocol",
                 "items":[{"planId":%d},{"planId":%d}]}}
                """;
        JsonNode day = lab.put("/api/days/2027-01-04", content.formatted(second, first))
                .body();
        assertThat(day.get("slots").get(0).get("chargeAt").asString()).isEqualTo("2027-01-04T08:30:00");
        // a natural rests a day longer
        assertThat(day.get("rest").get("together").asBoolean()).isFalse();
        JsonNode ordered = lab.post("/api/days/2027-01-04/order", content.formatted(second, first))
                .body();
        assertThat(ordered.get("slots").get(0).get("planId").asLong()).isEqualTo(first);
        String calendar = mvc.perform(MockMvcRequestBuilders.get("/api/days/2027-01-04/calendar.ics"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(biweekly.Biweekly.parse(calendar).first().getEvents()).hasSize(2);
        assertThat(calendar).contains("SUMMARY:Roast Vale do Trelunho (arrival)");
        String twice = content.formatted(first, first);
        assertThat(lab.put("/api/days/2027-01-05", twice).status()).isEqualTo(422);
        assertThat(lab.put("/api/days/2027-01-04", content.formatted(first, second))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void theGreensMostLikeASampleAreFoundWithTheirRoasts() {
        long sample = washed.get("greenSampleId").asLong();
        JsonNode like = lab.get("/api/green-samples/" + sample + "/most-like?machineId=1")
                .body();
        assertThat(like.size()).isBetween(1, 4);
        double before = 100;
        for (JsonNode l : like) {
            assertThat(l.get("greenSampleId").asLong()).isNotEqualTo(sample);
            assertThat(l.get("likePct").asDouble()).isBetween(0.0, before);
            before = l.get("likePct").asDouble();
            assertThat(lab.get("/api/roasts/" + l.get("roastId").asLong()).status())
                    .isEqualTo(200);
        }
        assertThat(like.get(0).get("because").toString()).contains("also washed");
        assertThat(lab.get("/api/green-samples/424242/most-like?machineId=1").status())
                .isEqualTo(404);
    }

    @Test
    void aWarmUpBatchGoesFirstAndLaterBatchesAreChargedHigher() {
        long first = washed.get("id").asLong();
        JsonNode machine = lab.get("/api/machines/1").body();
        String plain = machine.get("settings").toString();
        String begun =
                plain.substring(0, plain.length() - 1) + ",\"firstBatches\":{\"warmUpBatch\":true,\"laterC\":5}}";
        String entry = "{\"name\":\"%s\",\"drumCapacityG\":150,\"settings\":%s,\"version\":%s}";
        String name = machine.get("name").asString();
        assertThat(lab.put("/api/machines/1", entry.formatted(name, begun, machine.get("version")))
                        .status())
                .isEqualTo(200);
        try {
            JsonNode day = lab.put("/api/days/2027-01-06", """
                            {"version":0,"content":{"machineId":1,"lit":"08:00","rest":"protocol",
                             "items":[{"planId":%d}]}}
                            """.formatted(first)).body();
            assertThat(day.get("warmUpBatchAt").asString()).isEqualTo("2027-01-06T08:30:00");
            assertThat(day.get("warmUpBatchDropAt").asString()).isEqualTo("2027-01-06T08:40:00");
            // 2:30 of turnaround
            assertThat(day.at("/slots/0/chargeAt").asString()).isEqualTo("2027-01-06T08:42:30");
            assertThat(day.at("/slots/0/chargeC").asDouble())
                    .isEqualTo(washed.at("/content/chargeC").asDouble() + 5);
        } finally {
            JsonNode now = lab.get("/api/machines/1").body();
            lab.put("/api/machines/1", entry.formatted(name, plain, now.get("version")));
        }
    }
}
