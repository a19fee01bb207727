package barrowmist.server.device;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.device.StableReading;
import barrowmist.server.device.InstrumentPort.InstrumentAbsent;
import barrowmist.server.device.SimulatedInstruments.Behaviour;
import barrowmist.server.device.SimulatedInstruments.State;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads instruments, and sets what the stand-ins show. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {

    private final ObjectProvider<SimulatedInstruments> simulated;

    InstrumentController(ObjectProvider<SimulatedInstruments> simulated) {
        this.simulated = simulated;
    }

    /** @throws NotFound in a lab without meters */
    private SimulatedInstruments meters(String kind) {
        SimulatedInstruments meters = simulated.getIfAvailable();
        if (meters == null) {
            throw new NotFound("meter that is set up, such as", kind);
        }
        return meters;
    }

    /** A simulated instrument as it is set. */
    record InstrumentView(
            String kind, String label, String unit, double min, double max, double value, Behaviour behaviour) {}

    /** What a simulated instrument is to show. */
    record InstrumentSetting(double value, Behaviour behaviour) {}

    /**
     * A reading.
     *
     * @param stable whether it came to rest
     * @param value at rest; left out when it did not
     * @param text what to do when there is no value
     */
    record ReadingView(boolean stable, @Nullable Double value, String unit, String text) {}

    /** Those that can be read; none in a lab without meters. */
    @GetMapping
    List<InstrumentView> instruments() {
        return simulated.stream()
                .flatMap(s -> Arrays.stream(Instrument.values()).map(i -> view(s, i)))
                .toList();
    }

    @PutMapping("/{kind}")
    InstrumentView setInstrument(@PathVariable String kind, @RequestBody InstrumentSetting setting) {
        Instrument instrument = instrument(kind);
        InputProblems.refuseIfAny(new Checks()
                .range(
                        "value",
                        instrument.label(),
                        setting.value(),
                        instrument.min(),
                        instrument.max(),
                        instrument.unit())
                .chosen("behaviour", Behaviour.class, setting.behaviour())
                .problems());
        SimulatedInstruments meters = meters(kind);
        meters.set(instrument, new State(setting.value(), setting.behaviour()));
        return view(meters, instrument);
    }

    @PostMapping("/{kind}/reading")
    ReadingView read(@PathVariable String kind) {
        Instrument instrument = instrument(kind);
        try {
            StableReading reading = StableReading.of(meters(kind).readings(instrument), instrument.tolerance());
            if (reading instanceof StableReading.Stable stable) {
                return new ReadingView(true, rounded(stable.value()), instrument.unit(), "");
            }
            StableReading.Unstable moving = (StableReading.Unstable) reading;
            return new ReadingView(
                    false,
                    null,
                    instrument.unit(),
                    "%s is not at rest (moves by %s). Wait a moment and read again, or type the figure."
                            .formatted(
                                    instrument.label(),
                                    String.format(Locale.ROOT, "%.1f %s", moving.spread(), instrument.unit())
                                            .strip()));
        } catch (InstrumentAbsent e) {
            return new ReadingView(false, null, instrument.unit(), e.getMessage() + " The figure can be typed.");
        }
    }

    private static double rounded(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static InstrumentView view(SimulatedInstruments meters, Instrument i) {
        State state = meters.state(i);
        return new InstrumentView(i.code(), i.label(), i.unit(), i.min(), i.max(), state.value(), state.behaviour());
    }

    private static Instrument instrument(String kind) {
        return Coded.find(Instrument.class, kind).orElseThrow(() -> new NotFound("instrument", kind));
    }
}
