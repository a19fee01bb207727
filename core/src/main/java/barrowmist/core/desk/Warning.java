package barrowmist.core.desk;

import java.util.Locale;

/**
 * Something to know before it is too late.
 *
 * @param kind what it is
 * @param sinceS when it was first seen, s since charge
 * @param reading the figure that says so: °C/min of the beans, of the environment where the heat fails, or % for development
 * @param against what it is held against, same unit
 * @param inS how far ahead it lies, s; 0 when it is here
 */
public record Warning(Kind kind, double sinceS, double reading, double against, double inS) {

    /** In order of urgency: only the first is shown. */
    public enum Kind {
        /** Far past its drop, or hotter than any roast is meant to be: drop, burner off. */
        BURNER_OFF(-1),
        /** Past its planned drop, or in second crack that was not planned. */
        DROP_NOW(-1),
        /** A crash whose reason is known: the heat fails by itself, read off the environment. It asks for a look at the burner. */
        HEAT_FAILS(0, "crash"),
        CRASH(1),
        RUNNING_AWAY(-1),
        /** The rate lies near zero. */
        STALL(1),
        /** The rate no longer falls. */
        FLAT(0),
        FLICK(-1),
        DEVELOPMENT_SHORT(0),
        DEVELOPMENT_LONG(0);

        private final int heat;
        private final String code;

        Kind(int heat) {
            this.heat = heat;
            this.code = name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        Kind(int heat, String code) {
            this.heat = heat;
            this.code = code;
        }

        /** 1 when it asks for heat, −1 when it asks for less, 0 when it asks for neither. */
        int heat() {
            return heat;
        }

        /** Whether it may be a danger to people or the roaster, and no word on how the coffee will taste. */
        public boolean safety() {
            return this == HEAT_FAILS || this == RUNNING_AWAY || overrun();
        }

        /** Whether the roast runs on past its drop: nothing else is said beside it, and no heat is asked for. */
        public boolean overrun() {
            return this == BURNER_OFF || this == DROP_NOW;
        }

        /** The name on the wire. */
        public String code() {
            return code;
        }
    }

    Warning since(double firstS) {
        return new Warning(kind, firstS, reading, against, inS);
    }
}
