package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import java.util.Optional;

/** What is easily got wrong at the drum, said when it is about to matter (common practice, no published source). */
public final class Prompts {

    /** First crack and the drop are spoken of when they are so near, s (house default). */
    private static final double NEAR_S = 60;

    private Prompts() {}

    /** @param live a roast since its charge */
    public static Optional<String> of(LiveRoast live) {
        RoastEvents known = live.known();
        if (known.find(EventKind.TURNING_POINT).isEmpty()
                || live.warning().filter(w -> w.kind().overrun()).isPresent()
                || known.find(EventKind.DROP).isPresent()) {
            return Optional.empty();
        }
        if (known.find(EventKind.DRY_END).isEmpty()) {
            return Optional.of(
                    live.setup().batch().natural()
                            ? "A natural turns reddish: dry end is when no green is left, not at the first brown."
                            : "Dry end is when the last green has turned yellow.");
        }
        if (known.find(EventKind.FIRST_CRACK).isEmpty()) {
            return near(live, live.outlook().flatMap(Outlook::firstCrackS))
                    ? Optional.of(
                            "First crack is a series: note a lone pop with P, and call it when they follow each other.")
                    : Optional.empty();
        }
        return near(live, live.outlook().flatMap(Outlook::dropS))
                ? Optional.of("Before the drop: agitator and cooling fan on.")
                : Optional.empty();
    }

    private static boolean near(LiveRoast live, Optional<Expected> expected) {
        return expected.filter(e -> e.value() - live.curve().lastS() <= NEAR_S).isPresent();
    }
}
