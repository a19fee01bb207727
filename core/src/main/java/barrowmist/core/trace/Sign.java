package barrowmist.core.trace;

import barrowmist.core.trace.Evidence.Source;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * Something that can be observed of a roast, its green, its bench, its rest and its table, beside the words of the cup. How
 * likely each is under each cause, and from where on it counts, stands in {@link TraceRules}.
 *
 * <p>With a measurement that somebody can still make, a sign says what it is, where it is entered and how long it takes.
 */
public enum Sign {
    // the log
    HOT_CHARGE(Source.LOG),
    HOT_TURN(Source.LOG),
    HIGH_PEAK(Source.LOG),
    SLOW_DRUM(Source.LOG),
    FAST_DRUM(Source.LOG),
    SMALL_BATCH(Source.LOG, "Weight of the batch", "sample", 1),
    HEAT_FELL(Source.LOG),
    LONG_BROWNING(Source.LOG),
    SHORT_BROWNING(Source.LOG),
    LONG_TOTAL(Source.LOG),
    FAST_AT_CRACK(Source.LOG),
    SHORT_DEVELOPMENT(Source.LOG),
    LONG_DEVELOPMENT(Source.LOG),
    FEW_DEGREES(Source.LOG),
    LOW_DROP(Source.LOG),
    HIGH_DROP(Source.LOG),
    SECOND_CRACK(Source.LOG),
    // the bench
    DARK(Source.BENCH, "Colour of the whole beans", "sample", 1),
    PALE(Source.BENCH, "Colour of the whole beans", "sample", 1),
    GAP(Source.BENCH, "Colour of the ground coffee", "sample", 2),
    LOW_LOSS(Source.BENCH, "Weight of the roasted batch", "sample", 1),
    HIGH_LOSS(Source.BENCH, "Weight of the roasted batch", "sample", 1),
    PALE_INSIDE(Source.BENCH, "A bean broken open", "sample", 1),
    SCORCHED_BEANS(Source.BENCH, "Scorched beans in 100 g", "sample", 4),
    TIPPED_BEANS(Source.BENCH, "Tipped beans in 100 g", "sample", 4),
    QUAKER_BEANS(Source.BENCH, "Quakers in 100 g", "sample", 4),
    DARK_BEANS(Source.BENCH, "Dark beans in 100 g", "sample", 4),
    MIXED_LOOK(Source.BENCH, "Whether the beans are alike in colour", "sample", 1),
    OILY(Source.BENCH, "Whether the beans shine", "sample", 1),
    NOT_SWOLLEN(Source.BENCH, "Whether the beans have swollen", "sample", 1),
    // the green
    MOIST(Source.GREEN, "Moisture of the green", "green", 5),
    DRY(Source.GREEN, "Moisture of the green", "green", 5),
    WATER_ACTIVE(Source.GREEN, "Water activity of the green", "green", 10),
    MUSTY_SMELL(Source.GREEN, "Smell of the green", "green", 1),
    FERMENT_SMELL(Source.GREEN, "Smell of the green", "green", 1),
    CHEMICAL_SMELL(Source.GREEN, "Smell of the green", "green", 1),
    OLD_SMELL(Source.GREEN, "Smell of the green", "green", 1),
    FADED(Source.GREEN, "Colour of the green", "green", 1),
    OLD(Source.GREEN, "Harvest of the lot", "green", 1),
    FUNGUS(Source.GREEN, "Defects of the green", "green", 20),
    SOUR_BEANS(Source.GREEN, "Defects of the green", "green", 20),
    INSECT(Source.GREEN, "Defects of the green", "green", 20),
    UNRIPE(Source.GREEN, "Defects of the green", "green", 20),
    MIXED_SIZES(Source.GREEN, "Screens of the green", "green", 10),
    MARKS_EASILY(Source.GREEN, "Density of the green", "green", 3),
    // the rest
    TOO_YOUNG(Source.TIME),
    TOO_OLD(Source.TIME),
    // the table
    OTHERS_TOO(Source.TABLE),
    GROUND_BEFORE(Source.TABLE),
    DOSE_OFF(Source.TABLE, "Dose and water of the table", "cupping", 2),
    WATER_OFF(Source.TABLE, "Water of the table", "cupping", 5),
    WHOLE_LOT(Source.TABLE),
    // what nobody measures but by doing it
    CUP_AGAIN(Source.TIME, "The same roast cupped again in two days, and better", "rest", 2880),
    ROAST_AGAIN(Source.TABLE, "The same green roasted once more, unchanged, and the same", "plan", 60),
    SORTED(Source.TABLE, "A sorted cup beside an unsorted one, and clean", "cupping", 30),
    // the cup, beside its words
    LITTLE_ACIDITY(Source.CUP),
    MUCH_ACIDITY(Source.CUP);

    private final Source source;
    private final String measurement;
    private final String station;
    private final int minutes;

    Sign(Source source) {
        this(source, "", "", 0);
    }

    Sign(Source source, String measurement, String station, int minutes) {
        this.source = source;
        this.measurement = measurement;
        this.station = station;
        this.minutes = minutes;
    }

    /** The name in the table of causes. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<Sign> parse(String code) {
        return Arrays.stream(values()).filter(s -> s.code().equals(code)).findFirst();
    }

    public Source source() {
        return source;
    }

    /** What would have to be measured to know it; empty where nobody can any more. */
    public String measurement() {
        return measurement;
    }

    /** Whether it takes an experiment, and not only a look. */
    boolean experiment() {
        return this == CUP_AGAIN || this == ROAST_AGAIN || this == SORTED;
    }

    /** The station where that is entered. */
    public String station() {
        return station;
    }

    /** How long that takes, min (house default). */
    public int minutes() {
        return minutes;
    }
}
