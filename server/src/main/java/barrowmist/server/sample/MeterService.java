package barrowmist.server.sample;

import barrowmist.core.sample.Meter;
import barrowmist.core.sample.Meter.Counts;
import barrowmist.core.sample.Meter.Kind;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The lab's meters, and when each is to be calibrated. */
@Service
public class MeterService {

    private static final StoredJson<Meters> METERS = StoredJson.of("meters", Meters.class);

    private final SettingStore settings;
    private final Clock clock;

    MeterService(SettingStore settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * A meter on the wire and as it is kept.
     *
     * @param scale of a colour meter
     * @param counts of a colour meter; more is lighter when it is left out
     * @param keptFrom of a colour meter that counts the other way: kept is this less what it shows
     * @param note what is to be said of it today; never kept
     */
    public record MeterView(
            String name,

            Kind kind,

            @Nullable LocalDate calibratedOn,
            @Nullable Integer everyDays,
            @Nullable String scale,

            @Nullable Counts counts,

            @Nullable Double keptFrom,
            @Nullable String note) {

        private static final int USUAL_DAYS = 90;

        static MeterView of(Meter m, @Nullable String note) {
            boolean colour = m.kind() == Kind.COLOUR;
            return new MeterView(
                    m.name(),
                    m.kind(),
                    m.calibratedOn().orElse(null),
                    m.everyDays(),
                    colour ? m.scale() : null,
                    colour ? m.counts() : null,
                    colour && m.counts().kept(0) > 0 ? m.counts().kept(0) : null,
                    note);
        }

        Meter meter() {
            return new Meter(
                    Objects.requireNonNullElse(name, "").strip(),
                    kind,
                    Optional.ofNullable(calibratedOn),
                    everyDays == null ? USUAL_DAYS : everyDays,
                    Objects.requireNonNullElse(scale, "").strip(),
                    counts == null ? Counts.MORE_IS_LIGHTER : counts);
        }
    }

    /** All of them; {@code version} is the one that they were changed from. */
    public record Meters(List<MeterView> meters, @Nullable Long version) {}

    /** The meters, with what is to be said of each today. */
    public Meters all() {
        LocalDate today = LocalDate.now(clock);
        return new Meters(
                settings.get(METERS, () -> new Meters(List.of(), null)).meters().stream()
                        .map(MeterView::meter)
                        .map(m -> MeterView.of(m, m.note(today).orElse(null)))
                        .toList(),
                settings.version(METERS));
    }

    /** Names of those that are due. */
    public List<String> due() {
        return all().meters().stream()
                .filter(m -> m.note() != null)
                .map(MeterView::name)
                .toList();
    }

    /** @throws InputProblems if one cannot be */
    Meters keep(Meters changed) {
        LocalDate today = LocalDate.now(clock);
        List<Meter> meters = Optional.ofNullable(changed.meters()).orElse(List.of()).stream()
                .map(MeterView::meter)
                .toList();
        InputProblems.refuseIfAny(Meter.problems(meters, today));
        List<MeterView> kept = meters.stream().map(m -> MeterView.of(m, null)).toList();
        settings.keep(METERS, new Meters(kept, null), changed.version());
        return all();
    }
}
