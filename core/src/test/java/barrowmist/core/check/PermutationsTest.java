package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PermutationsTest {

    /**
     * Of ranks it is the rank-sum test: its lower critical values and their probabilities (Hollander and Wolfe, Nonparametric
     * Statistical Methods, table A.6, values from memory).
     */
    @ParameterizedTest
    @CsvSource({"3, 6, 0.0500", "4, 11, 0.0286", "5, 19, 0.0476", "6, 28, 0.0465"})
    void ofRanksItIsTheTableOfTheRankSum(int each, int sum, double p) {
        double[] low = IntStream.rangeClosed(1, each).mapToDouble(i -> i).toArray();
        int missing = sum - each * (each + 1) / 2;
        // raises the highest ranks, one by one, to the sum of the table
        for (int i = each - 1; missing > 0; i--) {
            int by = Math.min(missing, each);
            low[i] += by;
            missing -= by;
        }
        double[] high = IntStream.rangeClosed(1, 2 * each)
                .mapToDouble(i -> i)
                .filter(r -> Arrays.stream(low).noneMatch(l -> l == r))
                .toArray();
        assertThat(Arrays.stream(low).sum()).isEqualTo(sum);
        double[] turnedLow = Arrays.stream(low).map(r -> -r).toArray();
        double[] turnedHigh = Arrays.stream(high).map(r -> -r).toArray();
        assertThat(Permutations.of(turnedLow, turnedHigh).p()).isEqualTo(p, within(0.00005));
    }

    /** Survival of mice (Efron and Tibshirani 1993, table 2.1); the exact count is that of scipy.stats.permutation_test 1.17. */
    @Test
    void ofMiceItIsThatOfTheReferenceLibrary() {
        Permutations mice = Permutations.of(
                new double[] {94, 197, 16, 38, 99, 141, 23}, new double[] {52, 104, 146, 10, 51, 30, 40, 27, 46});
        assertThat(mice).isEqualTo(new Permutations(1613, 11440));
    }

    @Test
    void equalValuesAreNoDifference() {
        assertThat(Permutations.of(new double[] {1, 1, 1}, new double[] {1, 1, 1})
                        .p())
                .isEqualTo(1);
        assertThatIllegalArgumentException().isThrownBy(() -> Permutations.of(new double[0], new double[] {1}));
        assertThatIllegalArgumentException().isThrownBy(() -> Permutations.of(new double[11], new double[10]));
    }

    @Test
    void aPlaceThatWasSearchedForIsRarelyFoundByChance() {
        int found = 0;
        for (int seed = 0; seed < 200; seed++) {
            Random chance = new Random(31L * (seed + 1));
            double[] values = IntStream.range(0, 60)
                    .mapToDouble(i -> chance.nextGaussian())
                    .toArray();
            found += MeanChange.of(values, 5).orElseThrow().p() <= 0.05 ? 1 : 0;
        }
        // 10 of 200 are wanted; blocks are few, so that it is not exact
        assertThat(found).isBetween(2, 20);
    }

    /** Flow of the Nile at Aswan, 1871 to 1970: it fell with 1899 (Cobb 1978, values of R's data set Nile from memory). */
    @Test
    void theNileFellIn1899() {
        double[] nile = {
            1120, 1160, 963, 1210, 1160, 1160, 813, 1230, 1370, 1140, 995, 935, 1110, 994, 1020, 960, 1180, 799, 958,
            1140, 1100, 1210, 1150, 1250, 1260, 1220, 1030, 1100, 774, 840, 874, 694, 940, 833, 701, 916, 692, 1020,
            1050, 969, 831, 726, 456, 824, 702, 1120, 1100, 832, 764, 821, 768, 845, 864, 862, 698, 845, 744, 796, 1040,
            759, 781, 865, 845, 944, 984, 897, 822, 1010, 771, 676, 649, 846, 812, 742, 801, 1040, 860, 874, 848, 890,
            744, 749, 838, 1050, 918, 986, 797, 923, 975, 815, 1020, 906, 901, 1170, 912, 746, 919, 718, 714, 740
        };
        MeanChange found = MeanChange.of(nile, 5).orElseThrow();
        assertThat(1871 + found.at()).isEqualTo(1899);
        assertThat(found.p()).isLessThan(0.01);
    }

    @Test
    void aSeriesTooShortHasNoPlace() {
        assertThat(MeanChange.of(new double[9], 5)).isEmpty();
        assertThat(MeanChange.of(new double[0], 5)).isEmpty();
    }
}
