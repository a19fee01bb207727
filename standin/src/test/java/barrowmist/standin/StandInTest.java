package barrowmist.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import barrowmist.core.device.Drum;
import barrowmist.core.device.StandInRoaster;
import barrowmist.core.machine.thermal.ControlLevels;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.exceptions.ModbusResponseException;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The stand-in as another process meets it: by a Modbus client that is not ours, and by its panel. */
class StandInTest {

    private StandIn standIn;
    private ModbusTcpClient client;

    @BeforeEach
    void switchOn() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        standIn = StandIn.start(port, 0, 30);
        client = ModbusTcpClient.create(
                NettyTcpClientTransport.create(c -> c.setHostname("127.0.0.1").setPort(port)));
        client.connect();
    }

    @AfterEach
    void switchOff() throws Exception {
        client.disconnect();
        standIn.close();
    }

    private ByteBuffer registers(int address, int quantity) throws Exception {
        return ByteBuffer.wrap(client.readInputRegisters(1, new ReadInputRegistersRequest(address, quantity))
                .registers());
    }

    private HttpResponse<String> panel(String method, String path, String body) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + standIn.panelPort() + path))
                                .method(method, HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private String post(String path) throws Exception {
        HttpResponse<String> answer = panel("POST", path, "");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void itTellsItsProbesItsKnobsAndItsClock() throws Exception {
        post("/noise?c=0");
        post("/set?gas=35&air=55&drum=58");
        ByteBuffer block = registers(0, 8);
        assertThat(block.getShort() / 10.0).isBetween(100.0, 250.0);
        assertThat(block.getShort() / 10.0).isBetween(100.0, 300.0);
        assertThat(block.getShort()).isEqualTo((short) 350);
        assertThat(block.getShort()).isEqualTo((short) 550);
        assertThat(block.getShort()).isEqualTo((short) 580);
        block.getShort();
        int before = block.getInt();
        long began = System.nanoTime();
        await().until(() -> registers(6, 2).getInt() > before + 900);
        double rate = (registers(6, 2).getInt() - before) / 100.0 / ((System.nanoTime() - began) / 1e9);
        assertThat(rate).as("thirty times as fast").isBetween(20.0, 40.0);
    }

    @Test
    void registersThatItDoesNotHaveAreRefused() {
        assertThatThrownBy(() -> registers(5, 9)).isInstanceOf(ModbusResponseException.class);
    }

    @Test
    void anOpenProbeAndAFrozenOneShowAsTheyDoOnARoaster() throws Exception {
        post("/trouble?kind=open-probe");
        assertThat(registers(0, 1).getShort()).isEqualTo(RegisterMap.OPEN);
        post("/trouble?kind=none");
        registers(0, 8);
        post("/trouble?kind=frozen");
        ByteBuffer first = registers(0, 8);
        ByteBuffer second = await("the clock goes on")
                .until(() -> registers(0, 8), later -> later.getInt(12) > first.getInt(12) + 500);
        assertThat(second.getInt(0)).as("both probes").isEqualTo(first.getInt(0));
    }

    @ParameterizedTest
    @EnumSource(Trouble.class)
    void everyFaultHasAName(Trouble trouble) {
        assertThat(Trouble.parse(trouble.code())).isEqualTo(trouble);
    }

    @Test
    void thePanelIsAPageAndSaysWhatItDoesNotKnow() throws Exception {
        assertThat(panel("GET", "/", "").body()).contains("Stand-in roaster");
        assertThat(panel("GET", "/nowhere", "").statusCode()).isEqualTo(404);
        assertThat(panel("POST", "/trouble?kind=hiccups", "").statusCode()).isEqualTo(400);
        assertThat(panel("POST", "/set?gas=much", "").statusCode()).isEqualTo(400);
        assertThat(panel("POST", "/hand", "soon,gas,50").statusCode()).isEqualTo(400);
        assertThat(post("/speed?x=500")).contains("\"speed\":30");
    }

    @Test
    void aBatchIsPutInAndDropped() throws Exception {
        assertThat(post("/charge?g=120")).contains("\"charged\":true");
        assertThat(post("/door?open=true")).contains("\"doorOpen\":true");
        assertThat(post("/drop")).contains("\"charged\":false");
    }

    @Test
    void aHandMovesTheKnobsOnceForEachBatch() {
        StandInRoaster roaster = new StandInRoaster(1);
        ProgrammedMoves hand = new ProgrammedMoves();
        hand.follow("10,gas,70\n20,air,55\n");
        roaster.set(80, 40, 60);
        for (int b = 0; b < 2; b++) {
            roaster.charge(new Drum.Batch(120, 11, 6.5, 1, 194));
            hand.look(roaster);
            roaster.pass(12);
            hand.look(roaster);
            assertThat(roaster.state().levels()).isEqualTo(new ControlLevels(70, 40, 60));
            roaster.pass(10);
            hand.look(roaster);
            assertThat(roaster.state().levels().airflowPct()).isCloseTo(55, within(1e-9));
            roaster.drop();
            hand.look(roaster);
            roaster.set(80, 40, 60);
        }
        assertThatThrownBy(() -> hand.follow("10,drum,70")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void itCanBeAnotherRoaster() throws Exception {
        assertThat(panel("GET", "/state", "").body()).contains("\"kind\":\"gas\"");
        assertThat(post("/become?kind=hot-air")).contains("\"kind\":\"hot-air\"");
        post("/noise?c=0");
        post("/preheat?c=190");
        post("/charge?g=120");
        post("/speed?x=30");
        double lowest = 190;
        for (int i = 0; i < 60 && lowest > 120; i++) {
            lowest = Math.min(lowest, registers(0, 1).getShort() / 10.0);
            Thread.sleep(25);
        }
        assertThat(lowest).as("a quick probe falls at once").isLessThan(120);
        assertThat(panel("POST", "/become?kind=steam", "").statusCode()).isEqualTo(400);
    }
}
