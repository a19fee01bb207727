package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.server.web.Optionals;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Bench figures of one roast as kept. */
@Entity
@Table(name = "bench_sample")
class SampleEntity {

    @Id
    private long roastId;

    @Column(name = "green_g")
    private @Nullable Double greenG;

    @Column(name = "roasted_g")
    private @Nullable Double roastedG;

    private @Nullable Double colourWhole;
    private @Nullable Double colourGround;

    @Column(name = "quakers_per_100g")
    private @Nullable Integer quakers;

    @Column(name = "scorched_per_100g")
    private @Nullable Integer scorched;

    @Column(name = "tipped_per_100g")
    private @Nullable Integer tipped;

    private @Nullable Boolean oneColourThrough;

    @Column(name = "shells_per_100g")
    private @Nullable Integer shells;

    @Version
    private @Nullable Long version;

    protected SampleEntity() {}

    SampleEntity(long roastId) {
        this.roastId = roastId;
    }

    void keep(BenchFigures f) {
        greenG = Optionals.orNull(f.greenG());
        roastedG = Optionals.orNull(f.roastedG());
        colourWhole = Optionals.orNull(f.colourWhole());
        colourGround = Optionals.orNull(f.colourGround());
        quakers = Optionals.orNull(f.quakersPer100g());
        scorched = Optionals.orNull(f.scorchedPer100g());
        tipped = Optionals.orNull(f.tippedPer100g());
        oneColourThrough = f.oneColourThrough().orElse(null);
        shells = Optionals.orNull(f.shellsPer100g());
    }

    BenchFigures figures() {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                Optionals.of(quakers),
                Optionals.of(scorched),
                Optionals.of(tipped),
                Optional.ofNullable(oneColourThrough),
                Optionals.of(shells));
    }

    /** 0 for a sample without figures yet, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }

    SampleView view() {
        return SampleView.of(roastId, figures(), version());
    }

    long roastId() {
        return roastId;
    }
}
