package barrowmist.server.roast;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.units.Wording;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Events of a kept roast, marked, moved and taken out; each correction is remembered. */
@Service
@KeptInTurn
class EventCorrections {

    private final RoastService roasts;
    private final Clock clock;

    EventCorrections(RoastService roasts, Clock clock) {
        this.roasts = roasts;
        this.clock = clock;
    }

    /** Marks an event, or moves it when it is there. */
    RoastView mark(long id, EventKind kind, double timeSinceChargeS) {
        RoastEntity roast = roasts.get(id);
        if (!kind.single()) {
            throw new InputProblems("kind", "A pop is noted by the log and not marked afterwards");
        }
        double onLogClockS =
                timeSinceChargeS + roast.events().timeS(EventKind.CHARGE).orElse(0);
        if (!(onLogClockS >= 0 && onLogClockS <= lastReadingS(roast))) {
            throw new InputProblems(
                    "timeS",
                    Wording.capital(kind.label()) + " cannot be at "
                            + barrowmist.core.roast.Clock.text(timeSinceChargeS) + ": the log has no reading then");
        }
        remember(roast, kind, timeSinceChargeS);
        return replaceEvents(roast, roast.events().with(kind, onLogClockS));
    }

    RoastView unmark(long id, EventKind kind) {
        RoastEntity roast = roasts.get(id);
        remember(roast, kind, null);
        return replaceEvents(roast, roast.events().without(kind));
    }

    private void remember(RoastEntity roast, EventKind kind, @Nullable Double toS) {
        RoastEvents events = roast.events();
        double chargeS = events.timeS(EventKind.CHARGE).orElse(0);
        Double fromS = events.find(kind).map(e -> e.timeS() - chargeS).orElse(null);
        roast.remember(new EventChange(clock.instant(), kind.code(), fromS, toS));
    }

    private static double lastReadingS(RoastEntity roast) {
        var bean = roast.log().beanC();
        return bean.timeS(bean.size() - 1);
    }

    private RoastView replaceEvents(RoastEntity roast, RoastEvents events) {
        List<String> problems = events.problems();
        if (!problems.isEmpty()) {
            throw new InputProblems("timeS", String.join(" ", problems));
        }
        roast.setEvents(events);
        roasts.reworked(roast);
        return RoastView.of(roast);
    }
}
