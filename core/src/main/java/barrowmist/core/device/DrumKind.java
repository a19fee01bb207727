package barrowmist.core.device;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;

/** The roasters that can be stood in for. */
public enum DrumKind {
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

    public String label() {
        return label;
    }

    /** The name on the wire. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The one of this code; empty when there is none. */
    public static Optional<DrumKind> parse(String code) {
        return Arrays.stream(values()).filter(k -> k.code().equals(code)).findFirst();
    }
}
