package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
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
        CountsView c = CountsView.of(f.counts());
        countedG = c.ofG();
        quakers = c.quakers();
        scorched = c.scorched();
        tipped = c.tipped();
        shells = c.shells();
        dark = c.dark();
        broken = c.broken();
        peaberries = c.peaberries();
        misshapen = c.misshapen();
        oneColourThrough = f.oneColourThrough().orElse(null);
        BenchLookView look = BenchLookView.of(f.look());
        evenness = look.evenness();
        surface = look.surface();
        swollen = look.swollen();
        hue = look.hue();
    }

    BenchFigures figures() {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                Optionals.of(pulledG),
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                CountsView.counts(new CountsView(
                        countedG, quakers, scorched, tipped, shells, dark, broken, peaberries, misshapen)),
                Optional.ofNullable(oneColourThrough),
                BenchLookView.look(new BenchLookView(evenness, surface, swollen, hue)));
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
