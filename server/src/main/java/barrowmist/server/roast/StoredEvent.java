package barrowmist.server.roast;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.server.web.Optionals;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.jspecify.annotations.Nullable;

/** An event in its table, on the clock of the log. */
@Embeddable
class StoredEvent {

    @Enumerated(EnumType.STRING)
    private EventKind kind;

    @Column(name = "time_s")
    private double timeS;

    @Column(name = "moved_from_s")
    private @Nullable Double movedFromS;

    protected StoredEvent() {}

    StoredEvent(RoastEvent event) {
        kind = event.kind();
        timeS = event.timeS();
        movedFromS = Optionals.orNull(event.movedFromS());
    }

    RoastEvent event() {
        return new RoastEvent(kind, timeS, Optionals.of(movedFromS));
    }
}
