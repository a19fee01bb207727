package barrowmist.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** An open lab, its first account, and what is asked of everybody from then on. */
@TestPropertySource(properties = "lab.of=people")
class SignInTest extends WithoutAccounts {

    SignInTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        super(mvc, store);
    }

    @Test
    void withoutAccountsOnlyThisComputerIsServed() {
        assertThat(lab.get("/api/lots").status()).isEqualTo(200);
        assertThat(lab.from("192.0.2.7").get("/api/lots").status()).isEqualTo(401);
        assertThat(lab.from("192.0.2.7").get("/api/lots").body().get("detail").asString())
                .contains("no account yet");
        assertThat(lab.from("::1").get("/api/lots").status()).isEqualTo(200);
        for (String header : List.of("Forwarded", "X-Forwarded-For", "X-Real-IP", "Via")) {
            assertThat(lab.with(Map.of(header, "for=192.0.2.7"))
                            .get("/api/lots")
                            .status())
                    .as(header)
                    .isEqualTo(401);
        }
        assertThat(lab.with(Map.of("Host", "192.0.2.2:8080")).get("/api/lots").status())
                .isEqualTo(401);
        // written otherwise it is the same address, or none
        assertThat(lab.from("192.0.2.7").get("/%61pi/lots").status()).isIn(400, 401);
        assertThat(lab.from("192.0.2.7")
                        .post("/api/cuppings/join", "{\"joinCode\":\"ABCDEF\",\"cupper\":\"Ines\"}")
                        .status())
                .isEqualTo(401);
    }

    @Test
    void aBadTokenIsNeverTheOpenLab() {
        assertThat(lab.as("Bearer nobody's").get("/api/lots").status()).isEqualTo(401);
        assertThat(lab.as("Basic bWFyZW46bWFyZW4=").get("/api/lots").status()).isEqualTo(401);
        assertThat(lab.as("").get("/api/lots").status()).isEqualTo(401);
        // not with a good session either
        assertThat(lab.lead().as("Bearer nobody's").get("/api/lots").status()).isEqualTo(401);
    }

    @Test
    void fromAnotherDeviceTheFirstAccountAsksForTheCode() {
        Lab tablet = lab.from("192.0.2.8").browser();
        assertThat(tablet.get("/api/session").body().get("code").asBoolean()).isTrue();
        Answer refused = tablet.post(
                "/api/session/first", "{\"name\":\"Maren\",\"password\":\"fog on the moor\",\"code\":\"\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/problems/0/field").asString()).isEqualTo("code");
        assertThat(lab.get("/api/session").body().get("accounts").asBoolean()).isFalse();
    }

    @Test
    void fromTheFirstAccountOnEverybodySaysWhoTheyAre() {
        Lab maren = lab.lead();
        assertThat(maren.get("/api/session").body().get("role").asString()).isEqualTo("lead");
        assertThat(maren.get("/api/lots").status()).isEqualTo(200);
        assertThat(lab.get("/api/lots").status()).isEqualTo(401);
        assertThat(lab.post("/api/session/first", "{\"name\":\"Me\",\"password\":\"quite long enough\"}")
                        .status())
                .isEqualTo(409);
        Cookie session = maren.cookie("barrowmist");
        // one session for as long as it lasts: a page that asks for many things at once keeps it
        lab.get("/api/session");
        maren.get("/api/today");
        assertThat(maren.cookie("barrowmist")).isSameAs(session);
        assertThat(session.isHttpOnly()).isTrue();
        assertThat(session.getAttribute("SameSite")).isEqualToIgnoringCase("strict");
    }

    @Test
    void underHttpsTheCookieIsForHttpsAlone() {
        lab.lead();
        Lab maren = lab.browser().secure();
        maren.post("/api/session", "{\"name\":\"maren\",\"password\":\"fog on the moor\"}");
        assertThat(maren.cookie("barrowmist").getSecure()).isTrue();
    }

    @Test
    void aChangeByCookieNeedsTheProofOfOurOwnPage() {
        Lab maren = lab.lead();
        assertThat(maren.lot("washed")).isPositive();
        Lab ridden = maren.without("XSRF-TOKEN");
        assertThat(ridden.post("/api/lots", "{}").status()).isEqualTo(403);
        assertThat(ridden.get("/api/lots").status()).isEqualTo(200);
    }

    @Test
    void aPasswordIsLongAndNobodyIsToldWhichHalfWasWrong() {
        Lab maren = lab.lead();
        assertThat(maren.post("/api/people", person("Tobin", "cupper")).status())
                .isEqualTo(201);
        String wrong = lab.browser()
                .post("/api/session", "{\"name\":\"Tobin\",\"password\":\"wrong but long\"}")
                .body()
                .toString();
        assertThat(lab.browser()
                        .post("/api/session", "{\"name\":\"Nobody\",\"password\":\"wrong but long\"}")
                        .body()
                        .toString())
                .isEqualTo(wrong);
        assertThat(lab.signedIn(" TOBIN ", PASSWORD)
                        .get("/api/session")
                        .body()
                        .get("name")
                        .asString())
                .isEqualTo("Tobin");
        for (String bad : List.of("", "short", "x".repeat(73), "ä".repeat(40))) {
            assertThat(maren.post(
                                    "/api/people",
                                    "{\"name\":\"Ines\",\"role\":\"cupper\",\"password\":\"%s\"}".formatted(bad))
                            .body()
                            .at("/problems/0/field")
                            .asString())
                    .isEqualTo("password");
        }
        assertThat(store.queryForList("select password_hash from person", String.class))
                .allSatisfy(h -> assertThat(h).startsWith("{bcrypt}"));
        assertThat(maren.post("/api/people", person("tobin", "reader"))
                        .body()
                        .at("/problems/0/field")
                        .asString())
                .isEqualTo("name");
    }

    @Test
    void signedOutEverywhereIsSignedOutEverywhere() {
        Lab maren = lab.lead();
        long id = maren.post("/api/people", person("Tobin", "roaster")).id();
        Lab tablet = lab.signedIn("Tobin", PASSWORD);
        Lab phone = lab.signedIn("Tobin", PASSWORD);
        assertThat(maren.get("/api/people").body().get(1).get("devices").asInt())
                .isEqualTo(2);
        assertThat(tablet.delete("/api/session/everywhere").status()).isEqualTo(204);
        assertThat(phone.get("/api/lots").status()).isEqualTo(401);
        Lab again = lab.signedIn("Tobin", PASSWORD);
        assertThat(again.get("/api/lots").status()).isEqualTo(200);
        maren.put("/api/people/" + id + "/password", "{\"password\":\"something quite new\"}");
        assertThat(again.get("/api/lots").status()).isEqualTo(401);
        assertThat(lab.signedIn("Tobin", PASSWORD).get("/api/lots").status()).isEqualTo(401);
    }

    @Test
    void ownPasswordsAreChangedWithTheOldOne() {
        Lab maren = lab.lead();
        Lab tablet = lab.signedIn("Maren", "fog on the moor");
        assertThat(maren.put("/api/session/password", "{\"old\":\"wrong\",\"password\":\"something quite new\"}")
                        .status())
                .isEqualTo(422);
        assertThat(maren.put(
                                "/api/session/password",
                                "{\"old\":\"fog on the moor\",\"password\":\"something quite new\"}")
                        .status())
                .isEqualTo(204);
        assertThat(maren.get("/api/lots").status()).isEqualTo(200);
        assertThat(tablet.get("/api/lots").status()).isEqualTo(401);
    }

    @Test
    void aRoleCountsAtOnceAndThereIsAlwaysALead() {
        Lab maren = lab.lead();
        JsonNode tobin = maren.post("/api/people", person("Tobin", "reader")).body();
        Lab his = lab.signedIn("Tobin", PASSWORD);
        assertThat(his.post("/api/lots", "{}").status()).isEqualTo(403);
        assertThat(his.post("/api/lots", "{}").body().get("detail").asString()).contains("not open to a reader");
        String account = "/api/people/" + tobin.get("id");
        assertThat(maren.put(account, "{\"role\":\"roaster\",\"version\":0}").status())
                .isEqualTo(200);
        assertThat(his.post("/api/lots", "{}").status()).isEqualTo(422);
        assertThat(maren.put(account, "{\"role\":\"lead\",\"version\":0}").status())
                .isEqualTo(409);
        String own = "/api/people/" + maren.get("/api/people").body().get(0).get("id");
        assertThat(maren.put(own, "{\"role\":\"reader\"}").status()).isEqualTo(409);
        assertThat(maren.delete(own).status()).isEqualTo(409);
        assertThat(maren.delete(account).status()).isEqualTo(204);
        assertThat(his.get("/api/lots").status()).isEqualTo(401);
    }

    @Test
    void tenWrongPasswordsAndTheDeviceWaits() {
        lab.lead();
        Lab device = lab.from("127.9.9.9").browser();
        String right = "{\"name\":\"Maren\",\"password\":\"fog on the moor\"}";
        for (int i = 0; i < 10; i++) {
            device.post("/api/session", "{\"name\":\"Maren\",\"password\":\"wrong but long\"}");
        }
        assertThat(device.post("/api/session", right).status()).isEqualTo(429);
        assertThat(lab.browser().post("/api/session", right).status()).isEqualTo(200);
    }

    /** Two who have the same right at the same moment: one of them stays. */
    @Test
    void twoLeadsWhoRemoveEachOtherLeaveOne() {
        Lab maren = lab.lead();
        long marens = maren.get("/api/people").body().get(0).get("id").asLong();
        long tobins = maren.post("/api/people", person("Tobin", "lead")).id();
        Lab tobin = lab.signedIn("Tobin", PASSWORD);
        Stream.of(
                        CompletableFuture.runAsync(() -> maren.delete("/api/people/" + tobins)),
                        CompletableFuture.runAsync(() -> tobin.delete("/api/people/" + marens)))
                .forEach(CompletableFuture::join);
        assertThat(store.queryForObject("select count(*) from person where lab_role = 'LEAD'", Long.class))
                .isEqualTo(1);
    }
}
