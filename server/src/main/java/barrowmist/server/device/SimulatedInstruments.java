package barrowmist.server.device;

import barrowmist.core.check.Coded;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Instruments of the demo, in no other lab: each shows what was set on its page, restless or silent on demand. */
@Component
@ConditionalOnProperty(name = "barrowmist.instruments", havingValue = "true")
class SimulatedInstruments implements InstrumentPort {

    private static final int READINGS = 5;
    private static final double NOISE_SHARE = 0.15;
    private static final double RESTLESS = 12;

    private final Map<Instrument, State> states = new EnumMap<>(Instrument.class);
    private final Random noise = new Random(7);

    /** How an instrument behaves. */
    public enum Behaviour implements Coded {
        STEADY("comes to rest"),
        RESTLESS("never comes to rest"),
        SILENT("does not answer");

        private final String label;

        Behaviour(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** What it shows and how it behaves. */
    record State(double value, Behaviour behaviour) {}

    SimulatedInstruments() {
        states.put(Instrument.SCALE, new State(350, Behaviour.STEADY));
        states.put(Instrument.MOISTURE, new State(10.8, Behaviour.STEADY));
        states.put(Instrument.COLOUR, new State(58, Behaviour.STEADY));
    }

    synchronized State state(Instrument instrument) {
        return Objects.requireNonNull(states.get(instrument));
    }

    synchronized void set(Instrument instrument, State state) {
        states.put(instrument, state);
    }

    @Override
    public synchronized double[] readings(Instrument instrument) {
        State state = state(instrument);
        if (state.behaviour == Behaviour.SILENT) {
            throw new InstrumentAbsent(instrument.label() + " does not answer. Is it switched on and plugged in?");
        }
        double sway = instrument.tolerance() * (state.behaviour == Behaviour.RESTLESS ? RESTLESS : NOISE_SHARE);
        double[] out = new double[READINGS];
        for (int i = 0; i < READINGS; i++) {
            double moved = state.value + sway * (2 * noise.nextDouble() - 1);
            out[i] = Math.max(instrument.min(), Math.min(instrument.max(), moved));
        }
        return out;
    }
}
