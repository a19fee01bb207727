package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.CupTrait;
import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import org.awaitility.Awaitility;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A lot of its own with one cup of that trait, on the ways a lab has. */
record OneCup(CupTrait trait, long lot, long roast, long machine, String supplier, String cupper, String word) {

    static final String SCORES =
            "\"attributes\":{\"fragranceAroma\":8,\"flavour\":8,\"aftertaste\":8,\"acidity\":8,\"body\":8,\"balance\":8,\"overall\":8}";
    private static final String SECTIONS =
            "\"attributes\":{\"fragrance\":6,\"aroma\":6,\"flavour\":6,\"aftertaste\":6,\"acidity\":6,\"sweetness\":6,\"mouthfeel\":6,\"overall\":6}";
    private static final Instant ROASTED = Instant.now().minus(Duration.ofDays(30));
    private static int count;

    static OneCup laid(CupTrait trait, Lab lab, JdbcTemplate store) {
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
        kind(trait, roast, store);
        String word = trait == CupTrait.TRIAGE ? "" : ",\"words\":[{\"word\":\"word%d\",\"cups\":1}]".formatted(n);
        lab.post("/api/vocabulary", "{\"word\":\"word%d\",\"group\":\"fruit\"}".formatted(n));
        String cupper = "Cupper " + n;
        long table = table(trait, roast, lab);
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
        if (trait == CupTrait.BEFORE_REWORK) {
            lab.put(
                    "/api/lots/" + lot + "/rework",
                    "{\"on\":\"%s\",\"what\":\"sorted again\"}"
                            .formatted(LocalDate.now().minusDays(1)));
        }
        renewed(lab);
        return new OneCup(trait, lot, roast, machine, supplier, cupper, "word" + n);
    }

    private static void kind(CupTrait trait, long roast, JdbcTemplate store) {
        switch (trait) {
            case PULL, WARM_UP, PRACTICE ->
                store.update(
                        "update roast set kind = ? where id = ?",
                        trait.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        roast);
            case BATCH -> store.update("update roast set production = true where id = ?", roast);
            default -> {
                // a sample roast
            }
        }
    }

    static long table(CupTrait trait, long roast, Lab lab) {
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
    private static void renewed(Lab lab) {
        Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> {
            lab.get("/api/traces");
            return lab.get("/api/traces/renewal").body().get("left").asInt() == 0;
        });
    }
}
