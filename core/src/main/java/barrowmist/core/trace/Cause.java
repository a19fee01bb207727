package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.Evidence.Source;
import java.util.Optional;
import java.util.Set;

/**
 * What may have done it. Which causes there are, how many cups each shows in and where else it can be seen is common practice,
 * no published source; {@link #UNEVEN} is the house's own.
 */
public enum Cause implements Coded {
    BAKED("baked", Cups.ALL, Source.LOG),
    SCORCHED("scorched", Cups.ALL, Source.LOG, Source.BENCH),
    TIPPED("tipped", Cups.ALL, Source.LOG, Source.BENCH),
    UNDERDEVELOPED("underdeveloped", Cups.ALL, Source.LOG, Source.BENCH),
    OVERDEVELOPED("overdeveloped", Cups.ALL, Source.LOG, Source.BENCH),
    TART("tart, thin in the middle", Cups.ALL, Source.LOG),
    MUTED("muted", Cups.ALL, Source.LOG),
    QUAKERS("quakers", Cups.FEW, Source.BENCH, Source.GREEN),
    GREEN_MOULD("mould in the green", Cups.EITHER, Source.GREEN, Source.TABLE),
    GREEN_FERMENT("ferment in the green", Cups.EITHER, Source.GREEN, Source.TABLE),
    GREEN_PHENOL("phenol in the green", Cups.EITHER, Source.GREEN, Source.TABLE),
    GREEN_POTATO("potato defect of the green", Cups.FEW, Source.GREEN, Source.TABLE),
    PAST_CROP("past crop", Cups.ALL, Source.GREEN),
    UNDER_RESTED("under-rested", Cups.ALL, Source.TIME),
    STALE("stale", Cups.ALL, Source.TIME),
    PREPARATION("preparation", Cups.EITHER, Source.TABLE),
    UNEVEN("uneven roast", Cups.ALL, Source.BENCH, Source.GREEN);

    /** In how many cups of a sample a cause shows. */
    public enum Cups {
        /** It is in the whole batch. */
        ALL,
        /** It is in single beans: one or two cups. */
        FEW,
        /** In single beans or cups, or in all of the lot or the table. */
        EITHER
    }

    private final String label;
    private final Cups cups;
    private final Set<Source> witnesses;

    Cause(String label, Cups cups, Source... witnesses) {
        this.label = label;
        this.cups = cups;
        this.witnesses = Set.of(witnesses);
    }

    /** The cause of this code; empty when there is none. */
    public static Optional<Cause> parse(String code) {
        return Coded.find(Cause.class, code);
    }

    @Override
    public String label() {
        return label;
    }

    Cups cups() {
        return cups;
    }

    /** The sources that can bear it out beside the cup. */
    public Set<Source> witnesses() {
        return witnesses;
    }
}
