package barrowmist.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.RoasterLinkSpec.NumberType;
import barrowmist.core.machine.RoasterLinkSpec.Register;
import barrowmist.core.machine.RoasterLinkSpec.Table;
import barrowmist.core.machine.SerialLine;
import barrowmist.core.machine.SerialLine.Parity;
import barrowmist.server.device.RoasterLink.LinkLost;
import barrowmist.server.device.RoasterLink.Silent;
import barrowmist.server.machine.LinkSettings;
import barrowmist.standin.StandIn;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Modbus RTU over a pair of pseudo-terminals: at one end the link, at the other a controller. Without parity, as a
 * pseudo-terminal has none.
 */
class SerialLinkTest {

    private PtyPair line;

    @BeforeEach
    void connect() throws Exception {
        line = new PtyPair();
    }

    @AfterEach
    void takeAway() throws Exception {
        line.close();
    }

    private static LinkSettings settings(String device, Table table, Map<String, Register> map) {
        return new LinkSettings(
                RoasterLinkSpec.Kind.MODBUS_RTU,
                "",
                0,
                1,
                table,
                200,
                map,
                null,
                null,
                null,
                1,
                new SerialLine(device, 19_200, Parity.NONE, 2),
                null);
    }

    private static RoasterReading read(LinkSettings settings) throws LinkLost {
        try (ModbusLink link = new ModbusLink(settings.spec())) {
            link.read();
            return link.read();
        }
    }

    /**
     * Frames written out by hand, their checksums by the sum of the MODBUS over Serial Line Specification V1.02, appendix B
     * (value from memory: the frame 02 07 ends in 41 12; 01 04 00 00 00 02 ends in 71 CB).
     */
    @Test
    void theFrameOfTheStandardGoesOutAndItsAnswerIsRead() throws Exception {
        assertThat(RtuController.withChecksum(0x02, 0x07)).endsWith(0x41, 0x12);
        assertThat(RtuController.withChecksum(0x01, 0x04, 0, 0, 0, 2)).endsWith(0x71, 0xCB);
        // 1874 and 2210 tenths of a degree
        try (RtuController controller = new RtuController(line.there(), 0x07, 0x52, 0x08, 0xA2)) {
            Map<String, Register> map = Map.of(
                    "bean", Register.of(0, NumberType.I16, 0.1), "environment", Register.of(1, NumberType.I16, 0.1));
            RoasterReading read = read(settings(line.here(), Table.INPUT, map));
            assertThat(read.beanC()).hasValue(187.4);
            assertThat(read.environmentC().orElseThrow()).isCloseTo(221, within(1e-9));
            assertThat(controller.asked()).containsExactly(0x01, 0x04, 0, 0, 0, 2, 0x71, 0xCB);
        }
    }

    @Test
    void holdingRegistersAreAskedForWithTheirOwnFunction() throws Exception {
        try (RtuController controller = new RtuController(line.there(), 0x07, 0x52)) {
            read(settings(line.here(), Table.HOLDING, Map.of("bean", Register.of(0, NumberType.I16, 0.1))));
            assertThat(controller.asked()[1]).isEqualTo(0x03);
        }
    }

    @Test
    void anAnswerWithAWrongChecksumAndSilenceAreNoReadings() throws Exception {
        LinkSettings settings = settings(line.here(), Table.INPUT, Map.of("bean", Register.of(0, NumberType.I16, 0.1)));
        try (RtuController controller = new RtuController(line.there(), 0x07, 0x52)) {
            controller.garble();
            assertThatThrownBy(() -> read(settings)).isInstanceOf(LinkLost.class);
        }
        assertThatThrownBy(() -> read(settings))
                .hasMessage("The roaster has stopped answering.")
                .isInstanceOfSatisfying(
                        Silent.class,
                        e -> assertThat(e.toCheck())
                                .isEqualTo("Nothing answers on " + line.here()
                                        + ". Is the roaster on, and are baud, parity, stop bits and unit 1 its own?"));
    }

    @Test
    void aRoasterThatAnsweredAndFallsSilentHasStopped() throws Exception {
        LinkSettings settings = settings(line.here(), Table.INPUT, Map.of("bean", Register.of(0, NumberType.I16, 0.1)));
        try (ModbusLink link = new ModbusLink(settings.spec())) {
            try (RtuController controller = new RtuController(line.there(), 0x07, 0x52)) {
                assertThat(link.read().beanC()).hasValue(187.4);
            }
            assertThatThrownBy(link::read).hasMessage("The roaster has stopped answering.");
        }
    }

    @Test
    void theStandInIsReadOverASerialLineToo() throws Exception {
        LinkSettings map = LinkSettings.standIn(0);
        try (StandIn standIn = StandIn.start(0, 0, 1)) {
            standIn.onSerial(line.there());
            RoasterReading read = read(settings(line.here(), Table.INPUT, map.registers()));
            assertThat(read.beanC().orElseThrow()).isBetween(150.0, 230.0);
            assertThat(read.clockS().orElseThrow()).isNotNegative();
        }
    }

    @Test
    void aPortThatIsNotThereSaysSo() {
        assertThatThrownBy(() -> new ModbusLink(
                        settings("/dev/ttyNone9", Table.INPUT, Map.of()).spec()))
                .hasMessage("The serial port /dev/ttyNone9 cannot be opened. Is the cable in, and no other program on"
                        + " it?");
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "-,            19200, EVEN, 1, 1,   link.line.device",
                "' ',          19200, EVEN, 1, 1,   link.line.device",
                "/etc/passwd,  19200, EVEN, 1, 1,   link.line.device",
                "/dev/../x,    19200, EVEN, 1, 1,   link.line.device",
                "/dev/ttyUSB0, 0,     EVEN, 1, 1,   link.line.baud",
                "/dev/ttyUSB0, 19200, -,    1, 1,   link.line.parity",
                "COM3,         19200, ODD,  3, 1,   link.line.stopBits",
                "COM3,         19200, NONE, 2, 248, link.unitId",
                "COM3,         19200, NONE, 2, 0,   link.unitId",
            })
    void eachSettingOfTheLineIsChecked(String device, int baud, Parity parity, int stopBits, int unit, String field) {
        LinkSettings wrong = new LinkSettings(
                RoasterLinkSpec.Kind.MODBUS_RTU,
                "",
                0,
                unit,
                Table.INPUT,
                200,
                Map.of("bean", Register.of(0, NumberType.I16, 0.1)),
                null,
                null,
                null,
                1,
                new SerialLine(device, baud, parity, stopBits),
                null);
        assertThat(wrong.problems()).extracting(FieldProblem::field).containsExactly(field);
    }

    @Test
    void aSerialLinkWithoutItsLineIsRefusedAndALineLeftOverIsNotUsed() {
        LinkSettings whole = settings("/dev/ttyUSB0", Table.INPUT, Map.of("bean", Register.of(0, NumberType.I16, 0.1)));
        assertThat(whole.problems()).isEmpty();
        LinkSettings without = new LinkSettings(
                whole.kind(), "", 0, 1, Table.INPUT, 200, whole.registers(), null, null, null, 1, null, null);
        assertThat(without.problems()).extracting(FieldProblem::field).containsExactly("link.line.device");
        LinkSettings network = new LinkSettings(
                RoasterLinkSpec.Kind.MODBUS,
                "h",
                502,
                1,
                Table.INPUT,
                200,
                whole.registers(),
                null,
                null,
                null,
                1,
                whole.line(),
                null);
        assertThat(network.spec().line()).isNull();
    }
}
