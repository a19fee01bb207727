package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.Evidence.Source;

/**
 * Something that can be observed of a roast, its green, its bench, its rest and its table, beside the words of the cup. How
 * likely each is under each cause, and from where on it counts, stands in {@link TraceRules}.
 *
 * <p>With a measurement that somebody can still make, a sign says what it is, where it is entered and how long it takes.
 */
public enum Sign implements Coded {
    // the log
    HOT_CHARGE(Source.LOG),
    HOT_TURN(Source.LOG),
    HIGH_PEAK(Source.LOG),
    SLOW_DRUM(Source.LOG),
    FAST_DRUM(Source.LOG),
    SMALL_BATCH(Source.LOG, "Weigh the batch", "sample", 1),
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
    DARK(Source.BENCH, "Read the colour of the whole beans", "sample", 1),
    PALE(Source.BENCH, "Read the colour of the whole beans", "sample", 1),
    GAP(Source.BENCH, "Read the colour of the ground coffee", "sample", 2),
    LOW_LOSS(Source.BENCH, "Weigh the roasted batch", "sample", 1),
    HIGH_LOSS(Source.BENCH, "Weigh the roasted batch", "sample", 1),
    PALE_INSIDE(Source.BENCH, "Break a bean open", "sample", 1),
    SCORCHED_BEANS(Source.BENCH, "Count scorched beans in 100 g", "sample", 4),
    TIPPED_BEANS(Source.BENCH, "Count tipped beans in 100 g", "sample", 4),
    QUAKER_BEANS(Source.BENCH, "Count quakers in 100 g", "sample", 4),
    DARK_BEANS(Source.BENCH, "Count dark beans in 100 g", "sample", 4),
    MIXED_LOOK(Source.BENCH, "Look whether the beans are alike in colour", "sample", 1),
    OILY(Source.BENCH, "Look whether the beans shine", "sample", 1),
    NOT_SWOLLEN(Source.BENCH, "Look whether the beans have swollen", "sample", 1),
    // the green
    MOIST(Source.GREEN, "Measure the moisture of the green", "green", 5),
    DRY(Source.GREEN, "Measure the moisture of the green", "green", 5),
    WATER_ACTIVE(Source.GREEN, "Measure the water activity of the green", "green", 10),
    MUSTY_SMELL(Source.GREEN, "Smell the green", "green", 1),
    FERMENT_SMELL(Source.GREEN, "Smell the green", "green", 1),
    CHEMICAL_SMELL(Source.GREEN, "Smell the green", "green", 1),
    OLD_SMELL(Source.GREEN, "Smell the green", "green", 1),
    FADED(Source.GREEN, "Look at the colour of the green", "green", 1),
    OLD(Source.GREEN, "Find out the harvest of the lot", "green", 1),
    FUNGUS(Source.GREEN, "Count the defects of the green", "green", 20),
    SOUR_BEANS(Source.GREEN, "Count the defects of the green", "green", 20),
    INSECT(Source.GREEN, "Count the defects of the green", "green", 20),
    UNRIPE(Source.GREEN, "Count the defects of the green", "green", 20),
    MIXED_SIZES(Source.GREEN, "Sieve the green", "green", 10),
    MARKS_EASILY(Source.GREEN, "Measure the density of the green", "green", 3),
    // the rest
    TOO_YOUNG(Source.TIME),
    TOO_OLD(Source.TIME),
    // the table
    OTHERS_TOO(Source.TABLE),
    GROUND_BEFORE(Source.TABLE),
    DOSE_OFF(Source.TABLE, "Note dose and water of the table", "cupping", 2),
    WATER_OFF(Source.TABLE, "Note the water of the table", "cupping", 5),
    WHOLE_LOT(Source.TABLE),
    // what nobody measures but by doing it
    CUP_AGAIN(Source.TIME, "Cup it again in two days", "rest", 2880),
    ROAST_AGAIN(Source.TABLE, "Roast the same green once more, unchanged", "plan", 60),
    SORTED(Source.TABLE, "Sort half a dose by hand and cup it beside the unsorted half", "cupping", 30),
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
