package barrowmist.server.machine;

import barrowmist.core.roast.Band;
import org.jspecify.annotations.Nullable;

/** A band; without median and spread it is not yet learned. */
public record BandView(
        boolean learned,
        int roasts,
        int needed,
        @Nullable Double median,
        @Nullable Double spread) {
    public static BandView of(Band band) {
        if (band instanceof Band.Learned b) {
            return new BandView(true, b.roasts(), Band.FEWEST_ROASTS, b.median(), b.spread());
        }
        return new BandView(false, ((Band.NotYetLearned) band).roasts(), Band.FEWEST_ROASTS, null, null);
    }
}
