package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.RoasterLinkSpec.NumberType;
import barrowmist.core.machine.RoasterLinkSpec.Register;
import barrowmist.core.machine.Sense;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RegisterReaderTest {

    private static RegisterReader reader(Map<String, Register> map) {
        return new RegisterReader(new RoasterLinkSpec(
                RoasterLinkSpec.Kind.MODBUS,
                "localhost",
                502,
                1,
                RoasterLinkSpec.Table.HOLDING,
                200,
                map,
                Sense.USUAL,
                1,
                null));
    }

    private static RoasterReading read(Map<String, Register> map, String hex) {
        return reader(map).read(HexFormat.of().parseHex(hex));
    }

    private static Map<String, Register> bean(NumberType type, boolean lowFirst, double scale, double offset) {
        return Map.of("bean", new Register(0, type, lowFirst, scale, offset));
    }

    /** 123.456 as IEEE 754 single precision is 42F6E979; −2 as two's complement is FFFE: both by the standards. */
    @ParameterizedTest
    @CsvSource({
        "F32, false, 42F6E979, 123.456",
        "F32, true, E97942F6, 123.456",
        "I32, false, FFFFFFFE, -2",
        "I32, true, FFFEFFFF, -2",
        "U32, false, 00012345, 74565",
        "U32, true, 23450001, 74565",
        "I16, false, FFFE, -2",
        "U16, false, FFFE, 65534"
    })
    void numbersOfEitherSizeInEitherOrder(NumberType type, boolean lowFirst, String hex, double value) {
        assertThat(read(bean(type, lowFirst, 1, 0), hex).beanC().orElseThrow()).isCloseTo(value, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({
        "U16, false, FFFF", "I16, false, FFFF", "I16, false, 7FFF", "I16, false, 8000",
        "U32, false, FFFFFFFF", "I32, false, 7FFFFFFF", "I32, false, 80000000", "I32, true, FFFF7FFF",
        "F32, false, 7FC00000", "F32, false, 7F800000", "F32, true, 00007FC0"
    })
    void aCodeForNoValueIsNoValueAndIsCounted(NumberType type, boolean lowFirst, String hex) {
        // with such an offset 0xFFFF would be −17.8 °C: 0 °F
        RoasterReading r = read(bean(type, lowFirst, 0.1 / 1.8, -17.8), hex);
        assertThat(r.beanC()).isEmpty();
        assertThat(r.silent()).isEqualTo(1);
        assertThat(new BelievedReadings(Sense.USUAL).refused()).isZero();
        BelievedReadings believed = new BelievedReadings(Sense.USUAL);
        assertThat(believed.of(0, r).beanC()).isEmpty();
        assertThat(believed.refused()).isEqualTo(1);
    }

    @Test
    void aNumberThatOnlyBeginsLikeACodeIsANumber() {
        assertThat(read(bean(NumberType.I32, false, 1, 0), "FFFFFF00").beanC()).hasValue(-256);
        assertThat(read(bean(NumberType.F32, false, 1, 0), "42F6FFFF").beanC()).isPresent();
    }

    @Test
    void eachQuantityIsFoundByItsAddressAndWhatIsNotMappedIsNotMissed() {
        Map<String, Register> map = new LinkedHashMap<>();
        map.put("environment", new Register(12, NumberType.I16, false, 0.1, 0));
        map.put("bean", new Register(10, NumberType.F32, true, 1, 0));
        map.put("drum", new Register(13, NumberType.U16, false, 1, 0));
        RoasterReading r = read(map, "E97942F60870FFFF");
        assertThat(r.beanC().orElseThrow()).isCloseTo(123.456, within(1e-3));
        assertThat(r.environmentC().orElseThrow()).isCloseTo(216, within(1e-9));
        assertThat(r.drumRpm()).isEmpty();
        assertThat(r.gasPct()).isEmpty();
        assertThat(r.silent()).isEqualTo(1);
    }

    @Test
    void codesAndRangesAreChecked() {
        RoasterLinkSpec wrong = new RoasterLinkSpec(
                RoasterLinkSpec.Kind.PUSHED,
                "",
                502,
                1,
                RoasterLinkSpec.Table.INPUT,
                200,
                Map.of(),
                new Sense(new Sense.Range(300, 20), new Sense.Range(-200, 400), List.of("FFF")),
                1,
                null);
        assertThat(wrong.problems())
                .extracting(p -> p.field())
                .containsExactlyInAnyOrder("link.bean.highC", "link.environment.lowC", "link.noValues");
    }
}
