package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.trace.TableFacts;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What the other roasts of a lot say of one. */
@LabTest
class RoastsOfTheLotTest extends CuppedLab {

    RoastsOfTheLotTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    /** A lot that is roasted for months: those made nearest speak, whoever cupped them first. */
    @Test
    void ofALotWithMoreRoastsThoseMadeNearestSpeak() {
        long roast = roast("2026-03-02T09:10");
        String flat = "{\"word\":\"flat\",\"cups\":5}";
        long far = roast("2025-01-08T09:10");
        sheet(table("2025-01-10T09:00:00Z", far), far, flat);
        for (int i = 0; i < TableFacts.MOST_OF_LOT; i++) {
            long near = roast("2026-03-%02dT%02d:10".formatted(3 + i / 10, 8 + i % 10));
            sheet(table("2026-03-10T09:00:00Z", near), near, flat.replace("flat", "sweet"));
        }
        sheet(table("2026-03-10T09:00:00Z", roast), roast, flat);
        assertThat(trace(roast).toString()).contains("0 of 30 other roasts of the lot share it");
    }
}
