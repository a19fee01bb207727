package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.csv.Column;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.ReadResult.LineProblem;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.ControlScale;
import barrowmist.core.units.ControlWords;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoastLogReaderTest {

    private static ReadResult read(String text, ReadOptions options) {
        return RoastLogReader.read(text.getBytes(StandardCharsets.UTF_8), options);
    }

    private static ReadResult read(String text) {
        return read(text, ReadOptions.NONE);
    }

    private static List<LineProblem> problems(ReadResult result) {
        assertThat(result).isInstanceOf(ReadResult.Refused.class);
        return ((ReadResult.Refused) result).problems();
    }

    /** A sound log of 20 readings with the given heading for the bean column and its cells as {@code base + i}. */
    private static String log(String beanHeading, double base) {
        StringBuilder csv = new StringBuilder("time," + beanHeading + ",event\n");
        for (int i = 0; i < 20; i++) {
            csv.append(i).append(',').append(base + i).append(',');
            csv.append(i == 0 ? "charge" : i == 19 ? "drop" : "").append('\n');
        }
        return csv.toString();
    }

    /** A gauge that reads 2.5 kPa at full gas: heat goes with the root of the pressure, so a quarter of it is half. */
    private static final ControlWords GAUGE = new ControlWords(
            Optional.of(new ControlScale(ControlScale.Unit.KPA, 0, 100, 0, 2.5, 0.05)),
            Optional.of(new ControlScale(ControlScale.Unit.DIAL, 0, 100, 0, 10, 0.5)),
            Optional.empty());

    private static String controlled(String heading, double value) {
        return log("bean_c", 190).replace("\n", "," + value + "\n").replaceFirst("," + value, "," + heading);
    }

    private static ReadResult onTheGauge(String csv) {
        return RoastLogReader.read(csv.getBytes(StandardCharsets.UTF_8), ReadOptions.NONE, notes -> GAUGE);
    }

    @ParameterizedTest
    @CsvSource({"gas_kpa, 0.625", "gas_mbar, 6.25", "gas_dial, 0.625"})
    void aPressureIsTurnedIntoTheShareOfFullGas(String heading, double value) {
        RoastLog log = ((ReadResult.Accepted) onTheGauge(controlled(heading, value))).log();
        assertThat(log.gasPct().value(5)).isCloseTo(50, within(1e-9));
    }

    @Test
    void aDialIsTurnedIntoAShareAndOneWithoutAScaleIsAskedFor() {
        RoastLog log = ((ReadResult.Accepted) onTheGauge(controlled("airflow_dial", 3))).log();
        assertThat(log.airflowPct().value(5)).isCloseTo(30, within(1e-9));
        assertThat(problems(onTheGauge(controlled("drum_dial", 5))).get(0).message())
                .contains("drum_dial", "page");
        assertThat(problems(read(controlled("gas_kpa", 1.15))).get(0).message()).contains("gas_kpa", "gauge reads");
    }

    @Test
    void aPressureUnderThePercentHeadingIsNotTakenForOnePercent() {
        assertThat(problems(read(controlled("gas_pct", 1.15))).get(0).message()).contains("1.15", "gas_kpa");
    }

    @Test
    void oneControlHasOneColumn() {
        String csv = controlled("gas_pct", 60).replace("\n", ",1\n").replaceFirst(",1\n", ",gas_kpa\n");
        assertThat(problems(onTheGauge(csv)).get(0).message()).contains("two columns for one control");
    }

    @Test
    void headingsInAnyOrderAndCaseAreRead() {
        String csv = """
                # machine: Drum 1
                Event;GAS_PCT;Bean C;time;environment_c
                charge;60;190,5;0:00;210
                ;;;0:01;209
                """ + rows(2, 14) + "drop;40;200,25;1:30.5;\n";
        ReadResult result = read(csv);
        assertThat(result).isInstanceOf(ReadResult.Accepted.class);
        ReadResult.Accepted accepted = (ReadResult.Accepted) result;
        RoastLog log = accepted.log();
        assertThat(log.beanC().size()).isEqualTo(14);
        assertThat(log.beanC().value(0)).isEqualTo(190.5);
        assertThat(log.beanC().timeS(13)).isEqualTo(90.5);
        assertThat(log.environmentC().size()).isEqualTo(2);
        assertThat(log.gasPct().size()).isEqualTo(2);
        assertThat(accepted.events().timeS(EventKind.DROP)).hasValue(90.5);
        assertThat(accepted.notes()).containsEntry("machine", "Drum 1");
    }

    private static String rows(int from, int to) {
        StringBuilder csv = new StringBuilder();
        for (int i = from; i < to; i++) {
            csv.append(";;").append(180 - i).append(",0;").append(i).append(";\n");
        }
        return csv.toString();
    }

    @Test
    void fahrenheitIsTurnedIntoCelsius() {
        ReadResult.Accepted accepted = (ReadResult.Accepted) read(log("bean_f", 384));
        assertThat(accepted.log().beanC().value(0)).isCloseTo(195.56, within(0.01));
    }

    @Test
    void everyProblemIsListedWithItsLine() {
        String csv = log("bean_c", 180)
                .replace("3,183.0,", "3,warm,")
                .replace("7,187.0,", "4,187.0,")
                .replace("9,189.0,", "9,189.0,boom");
        assertThat(problems(read(csv)))
                .containsExactly(
                        new LineProblem(5, "bean_c is \"warm\", expected a number or an empty cell"),
                        new LineProblem(9, "time runs backwards: 0:04 comes after 0:06"),
                        new LineProblem(
                                11,
                                "event is \"boom\", expected one of charge, turning_point, dry_end, first_crack,"
                                        + " first_crack_end, second_crack, drop, pop"));
    }

    @Test
    void commentLinesDoNotShiftLineNumbers() {
        String csv = "# note: x\n\n" + log("bean_c", 180).replace("3,183.0,", "3,warm,");
        assertThat(problems(read(csv)).get(0).line()).isEqualTo(7);
    }

    @Test
    void emptyHeaderOnlyAndHugeFilesAreRefused() {
        assertThat(problems(read("")).get(0).message()).startsWith("The file is empty");
        assertThat(problems(read("\n \n")).get(0).message()).startsWith("The file has no header row");
        assertThat(problems(read("time,bean_c\n")).get(0).message()).contains("nothing under it");
        assertThat(problems(RoastLogReader.read(new byte[60 * 1024 * 1024], ReadOptions.NONE))
                        .get(0)
                        .message())
                .isEqualTo("The file has 60.0 MB: a roast log has at most 5 MB");
    }

    @Test
    void aBinaryFileIsRefused() {
        byte[] binary = new byte[4000];
        new Random(1).nextBytes(binary);
        assertThat(problems(RoastLogReader.read(binary, ReadOptions.NONE))
                        .get(0)
                        .message())
                .startsWith("This is not a text file");
    }

    @Test
    void aMissingBeanColumnIsNamed() {
        assertThat(problems(read("time,gas_pct\n0,1\n")).get(0).message())
                .isEqualTo("There is no bean temperature: expected the heading bean_c or bean_f");
    }

    @Test
    void twoChargesAndDropBeforeChargeAreRefused() {
        String two = log("bean_c", 180).replace("5,185.0,", "5,185.0,charge");
        assertThat(problems(read(two)))
                .containsExactly(
                        new LineProblem(7, "there is a second charge; the first is on line 2. A log holds one roast"));
        String swapped = log("bean_c", 180)
                .replace("charge", "x")
                .replace("drop", "charge")
                .replace("x\n", "drop\n");
        assertThat(problems(read(swapped)))
                .containsExactly(new LineProblem(2, "drop at 0:00 lies before charge at 0:19: it comes after it"));
    }

    @ParameterizedTest(name = "bean from {0} °: asks {1}")
    @CsvSource({"180, false", "300, false", "301, true", "340, true"})
    void figuresTooHotForCelsiusAsk(double base, boolean asks) {
        assertThat(read(log("bean_c", base)) instanceof ReadResult.AsksUnit).isEqualTo(asks);
    }

    @Test
    void theAnswerIsHeeded() {
        String csv = log("bean_c", 384);
        ReadResult.Accepted f =
                (ReadResult.Accepted) read(csv, new ReadOptions(Map.of(), ReadOptions.Celsius.IS_FAHRENHEIT));
        assertThat(f.log().beanC().value(0)).isCloseTo(195.56, within(0.01));
        ReadResult.Accepted c =
                (ReadResult.Accepted) read(csv, new ReadOptions(Map.of(), ReadOptions.Celsius.AS_WRITTEN));
        assertThat(c.log().beanC().value(0)).isEqualTo(384);
    }

    @Test
    void unknownHeadingsAskForTheirMeaning() {
        String csv = log("BT", 180);
        assertThat(read(csv)).isInstanceOfSatisfying(ReadResult.NeedsMapping.class, n -> {
            assertThat(n.unknown()).containsExactly("BT");
            assertThat(n.firstRows().get(0)).containsExactly("0", "180.0", "charge");
        });
        assertThat(read(csv, new ReadOptions(Map.of("BT", Column.BEAN_C), ReadOptions.Celsius.ASK)))
                .isInstanceOf(ReadResult.Accepted.class);
        assertThat(problems(read(csv, new ReadOptions(Map.of("BT", Column.IGNORE), ReadOptions.Celsius.ASK)))
                        .get(0)
                        .message())
                .startsWith("There is no bean temperature");
    }

    @Test
    void aDecimalCommaBetweenCommasIsExplained() {
        String csv = log("bean_c", 180).replace("3,183.0,", "3,183,0,");
        assertThat(problems(read(csv)).get(0).message()).contains("a decimal comma needs semicolons");
    }

    @Test
    void unmatchedQuotesAreRefused() {
        assertThat(problems(read("time,bean_c\n\"0,180\n1,181\n")).get(0).message())
                .startsWith("The quotes of the file");
    }
}
