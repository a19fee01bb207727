package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Orders, cooling and codes of a table. */
class TableTest {

    /** Williams 1949: each sample as often in each place, each as often after each other. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10})
    void ordersAreBalanced(int n) {
        List<List<Integer>> orders = ServingOrders.of(n);
        assertThat(orders).hasSize(n % 2 == 0 ? n : 2 * n);
        Map<String, Integer> places = new HashMap<>();
        Map<String, Integer> followers = new HashMap<>();
        for (List<Integer> order : orders) {
            assertThat(order)
                    .containsExactlyInAnyOrderElementsOf(
                            IntStream.range(0, n).boxed().toList());
            for (int i = 0; i < n; i++) {
                places.merge(i + ":" + order.get(i), 1, Integer::sum);
                if (i > 0) {
                    followers.merge(order.get(i - 1) + ">" + order.get(i), 1, Integer::sum);
                }
            }
        }
        assertThat(places).hasSize(n * n);
        assertThat(places.values()).containsOnly(orders.size() / n);
        assertThat(followers).hasSize(n * (n - 1));
        assertThat(followers.values()).containsOnly(orders.size() / n);
    }

    @Test
    void oneSampleHasOneOrder() {
        assertThat(ServingOrders.of(1)).containsExactly(List.of(0));
        assertThat(ServingOrders.of(0)).isEmpty();
        assertThat(ServingOrders.of(4, 6)).isEqualTo(ServingOrders.of(4, 2));
    }

    /** Newton's law against a numerical solution of dT/dt = −k (T − room) by Hipparchus. */
    @Test
    void aCupCoolsAsTheEquationSays() {
        CupCooling cup = new CupCooling(93, 21, 0.0007);
        OrdinaryDifferentialEquation law = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                return new double[] {-0.0007 * (y[0] - 21)};
            }
        };
        double[] solved = new DormandPrince853Integrator(1e-3, 60, 1e-10, 1e-10)
                .integrate(law, new ODEState(0, new double[] {93}), 900)
                .getPrimaryState();
        assertThat(cup.c(900)).isCloseTo(solved[0], within(1e-6));
        assertThat(cup.c(cup.reaches(71).orElseThrow())).isCloseTo(71, within(1e-9));
        assertThat(cup.reaches(95)).hasValue(0);
        assertThat(cup.reaches(21)).isEmpty();
    }

    /** 71 °C after 8 to 10 minutes (SCA cupping protocol, from memory). */
    @Test
    void aBowlUsuallyCoolsAsTheProtocolSays() {
        assertThat(CupCooling.usual(93, 22).reaches(71).orElseThrow() / 60).isBetween(8.0, 10.0);
        assertThat(CupCooling.usual(91, 19).reaches(71).orElseThrow() / 60).isBetween(7.0, 10.0);
    }

    @Test
    void aThermometerTeachesTheRate() {
        CupCooling true_ = new CupCooling(92, 20, 0.0009);
        CupCooling fitted = CupCooling.usual(92, 20)
                .fitted(List.of(
                        new CupCooling.Reading(0, 92),
                        new CupCooling.Reading(240, true_.c(240) + 0.3),
                        new CupCooling.Reading(600, true_.c(600) - 0.3),
                        new CupCooling.Reading(700, 19)));
        assertThat(fitted.ratePerS()).isCloseTo(0.0009, within(0.00001));
        assertThat(CupCooling.usual(92, 20).fitted(List.of())).isEqualTo(CupCooling.usual(92, 20));
    }

    @Test
    void codesAreDifferentAndTellNothing() {
        List<String> codes = TableCodes.samples(60, new Random(1));
        assertThat(codes).doesNotHaveDuplicates().isSorted().allMatch(c -> c.matches("[1-9]\\d\\d"));
        assertThat(TableCodes.join(new Random(2))).matches("[ACDEFHJKMNPRTUVWXY3479]{6}");
    }
}
