package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.green.Likeness.Green;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LikenessTest {

    private static final OptionalDouble NOT = OptionalDouble.empty();

    private static Green green(
            String origin, Process process, OptionalDouble moisture, OptionalDouble density, String screen) {
        return new Green(
                origin,
                new GreenFacts(process, LocalDate.of(2026, 3, 1), moisture, density, ScreenRange.parse(screen)));
    }

    private static Green known(String origin, Process process, double moisture, double density, String screen) {
        return green(origin, process, OptionalDouble.of(moisture), OptionalDouble.of(density), screen);
    }

    private static final Green NEW = known("Rwanda", Process.WASHED, 11, 700, "15/16");

    private static double pct(Green other) {
        return Likeness.of(NEW, other).pct();
    }

    @Test
    void itselfIsAllLikeAndTheOppositeIsNotAtAll() {
        assertThat(pct(NEW)).isEqualTo(100);
        assertThat(pct(known("Brazil", Process.NATURAL, 8, 600, "19/20"))).isZero();
        assertThat(Likeness.of(NEW, known(" rwanda ", Process.WASHED, 11, 700, "15/16"))
                        .pct())
                .isEqualTo(100);
    }

    @Test
    void eachPartBringsItNearer() {
        double far = pct(known("Brazil", Process.WASHED, 12, 660, "17/18"));
        assertThat(pct(known("Rwanda", Process.WASHED, 12, 660, "17/18"))).isGreaterThan(far);
        assertThat(pct(known("Brazil", Process.NATURAL, 12, 660, "17/18"))).isLessThan(far);
        assertThat(pct(known("Brazil", Process.WASHED, 11, 660, "17/18"))).isGreaterThan(far);
        assertThat(pct(known("Brazil", Process.WASHED, 12, 690, "17/18"))).isGreaterThan(far);
        assertThat(pct(known("Brazil", Process.WASHED, 12, 660, "15/16"))).isGreaterThan(far);
    }

    @Test
    void whatIsNotKnownOfOneIsNeitherForItNorAgainst() {
        double same = pct(NEW);
        double open = pct(green("Rwanda", Process.WASHED, NOT, NOT, ""));
        double unlike = pct(known("Rwanda", Process.WASHED, 8, 600, "19/20"));
        assertThat(open).isCloseTo((same + unlike) / 2, within(1e-9));
        List<String> because =
                Likeness.of(NEW, green("Rwanda", Process.WASHED, NOT, NOT, "")).because();
        assertThat(because).containsExactly("also washed", "also from Rwanda");
    }

    @Test
    void itSaysWhatIsAlike() {
        assertThat(Likeness.of(NEW, known("Brazil", Process.NATURAL, 10.4, 688, "15/16"))
                        .because())
                .containsExactly(
                        "natural",
                        "from Brazil",
                        "688 g/L, this one 700",
                        "beans of 6.2 mm, this one 6.2",
                        "moisture 10.4 %, this one 11.0");
    }

    @ParameterizedTest
    @EnumSource(Process.class)
    void aHoneyLiesNearerToANaturalThanToAWashed(Process process) {
        Green honey = known("Rwanda", Process.HONEY, 11, 700, "15/16");
        double natural = Likeness.of(honey, known("Rwanda", Process.NATURAL, 11, 700, "15/16"))
                .pct();
        double other =
                Likeness.of(honey, known("Rwanda", process, 11, 700, "15/16")).pct();
        if (process != Process.HONEY && process != Process.NATURAL) {
            assertThat(natural).isGreaterThan(other);
        }
        assertThat(other).isBetween(0.0, 100.0);
    }
}
