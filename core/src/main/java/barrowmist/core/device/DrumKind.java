package barrowmist.core.device;

import barrowmist.core.check.Coded;
import java.util.function.DoubleFunction;

/** The roasters that can be stood in for. */
public enum DrumKind implements Coded {
    /** A gas drum for about 150 g. */
    GAS("Gas drum", room -> new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), room)),
    /** A drum with electric elements and slow metal. */
    ELECTRIC("Electric drum", ElectricDrum::new),
    /** Hot air, hardly any metal. */
    HOT_AIR("Hot air", HotAirRoaster::new);

    private final String label;
    private final DoubleFunction<Drum> made;

    DrumKind(String label, DoubleFunction<Drum> made) {
        this.label = label;
        this.made = made;
    }

    /** One that is as cold as its room, °C. */
    public Drum in(double roomC) {
        return made.apply(roomC);
    }

    @Override
    public String label() {
        return label;
    }
}
