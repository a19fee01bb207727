package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.units.Wording;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Times of the SCA cupping protocol, values from memory; the rest is common practice, no published source. */
class PreparationStepsTest {

    private static String steps(TableProtocol protocol, TableKind kind, Blindness blind) {
        return String.join(" ", new PreparationSteps(protocol, kind, blind, Wording.SI).steps());
    }

    @Test
    void theWaterIsOnWithinAQuarterOfAnHourFromTheFirstGrind() {
        assertThat(steps(TableProtocol.usual(), TableKind.SCORING, Blindness.CODED))
                .contains("purge the grinder", "within 15 minutes, or 30", "Pour 150 mL at 93 °C", "in the same order")
                .doesNotContain("mark", "milk", "Of each set");
        assertThat(steps(TableProtocol.unsaid(), TableKind.SCORING, Blindness.OPEN))
                .contains("Pour to wet all of it")
                .doesNotContain("null", "NaN", "  ");
    }

    @Test
    void shuffledBowlsAreShuffledDryAndPouredAsTheyStand() {
        assertThat(steps(TableProtocol.usual(), TableKind.SCORING, Blindness.UNDERSIDE))
                .contains("before any water", "the order in which they stand");
        assertThat(steps(TableProtocol.usual(), TableKind.TRIANGLE, Blindness.UNDERSIDE))
                .contains("two cups of either coffee, shuffle the four");
        assertThat(steps(TableProtocol.usual(), TableKind.TRIANGLE, Blindness.CODED))
                .contains("from left to right");
    }

    @Test
    void anEspressoIsPulledAndAMilkRoundSaysThatMilkIsAnAllergen() {
        OptionalDouble none = OptionalDouble.empty();
        Drink shot = new Drink(
                Drink.Serving.ESPRESSO,
                none,
                new Drink.Shot(OptionalDouble.of(40), OptionalDouble.of(30), OptionalDouble.of(6), OptionalInt.of(4)));
        assertThat(steps(TableProtocol.usual().drunk(shot), TableKind.ROAST_OFF, Blindness.CODED))
                .contains("pull 40 g in 30 s, 6 s of them pre-infusion")
                .doesNotContain("Pour");
        Drink milk = new Drink(Drink.Serving.MILK, OptionalDouble.of(50), Drink.Shot.unsaid());
        PreparationSteps round = new PreparationSteps(
                TableProtocol.usual().drunk(milk), TableKind.ROAST_OFF, Blindness.CODED, Wording.SI);
        assertThat(round.steps()).anyMatch(s -> s.contains("milk 50 mL into each cup"));
        assertThat(round.cautions()).anyMatch(c -> c.contains("allergen"));
        assertThat(new PreparationSteps(TableProtocol.usual(), TableKind.SCORING, Blindness.OPEN, Wording.SI)
                        .cautions())
                .noneMatch(c -> c.contains("Milk"))
                .anyMatch(c -> c.contains("diacetyl"))
                .anyMatch(c -> c.contains("scalds"));
    }
}
