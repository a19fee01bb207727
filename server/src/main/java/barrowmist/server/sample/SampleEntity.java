package barrowmist.server.sample;

import barrowmist.core.check.Coded;
import barrowmist.core.sample.BenchCounts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLook;
import barrowmist.core.sample.BenchLook.Evenness;
import barrowmist.core.sample.BenchLook.Hue;
import barrowmist.core.sample.BenchLook.Surface;
import barrowmist.server.web.Optionals;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.OptionalDouble;
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

    /** Counts are of so many grams; 100 when null, as they once all were. */
    @Column(name = "counted_g")
    private @Nullable Double countedG;

    @Column(name = "quakers_per_100g")
    private @Nullable Integer quakers;

    @Column(name = "scorched_per_100g")
    private @Nullable Integer scorched;

    @Column(name = "tipped_per_100g")
    private @Nullable Integer tipped;

    @Column(name = "shells_per_100g")
    private @Nullable Integer shells;

    private @Nullable Integer dark;
    private @Nullable Integer broken;
    private @Nullable Integer peaberries;
    private @Nullable Integer misshapen;
    private @Nullable Boolean oneColourThrough;
    private @Nullable String evenness;
    private @Nullable String surface;
    private @Nullable Boolean swollen;
    private @Nullable String hue;

    // what its pulls weigh: written by their query alone
    @Column(name = "pulled_g", insertable = false, updatable = false)
    private @Nullable Double pulledG;

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
        BenchCounts c = f.counts();
        countedG = Optionals.orNull(c.ofG());
        quakers = Optionals.orNull(c.quakers());
        scorched = Optionals.orNull(c.scorched());
        tipped = Optionals.orNull(c.tipped());
        shells = Optionals.orNull(c.shells());
        dark = Optionals.orNull(c.dark());
        broken = Optionals.orNull(c.broken());
        peaberries = Optionals.orNull(c.peaberries());
        misshapen = Optionals.orNull(c.misshapen());
        oneColourThrough = f.oneColourThrough().orElse(null);
        evenness = f.look().evenness().map(Coded::code).orElse(null);
        surface = f.look().surface().map(Coded::code).orElse(null);
        swollen = f.look().swollen().orElse(null);
        hue = f.look().hue().map(Coded::code).orElse(null);
    }

    BenchFigures figures() {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                Optionals.of(pulledG),
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                counts(),
                Optional.ofNullable(oneColourThrough),
                new BenchLook(
                        Coded.find(Evenness.class, evenness),
                        Coded.find(Surface.class, surface),
                        Optional.ofNullable(swollen),
                        Coded.find(Hue.class, hue)));
    }

    private BenchCounts counts() {
        return new BenchCounts(
                Optionals.of(countedG),
                Optionals.of(quakers),
                Optionals.of(scorched),
                Optionals.of(tipped),
                Optionals.of(shells),
                Optionals.of(dark),
                Optionals.of(broken),
                Optionals.of(peaberries),
                Optionals.of(misshapen));
    }

    OptionalDouble pulledG() {
        return Optionals.of(pulledG);
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
