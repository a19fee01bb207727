package barrowmist.server.green;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.green.ScreenRange;
import barrowmist.server.web.Optionals;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A sample of a lot, drawn at one stage, with its inspection. */
@Entity
@Table(name = "green_sample")
public class GreenSampleEntity {

    private static final String PAN = "pan";

    /** Once the pan had a name among the numbers of the sieves; now it is sieve 0. */
    static final StoredJson<Inspection> INSPECTION = StoredJson.of("inspection", Inspection.class)
            .then(v1 -> {
                JsonNode sieves = v1.path("sieves");
                if (sieves.has(PAN)) {
                    ((ObjectNode) sieves).set(Integer.toString(ScreenAnalysis.PAN), ((ObjectNode) sieves).remove(PAN));
                }
                return v1;
            });

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "lot_id")
    private LotEntity lot;

    @Enumerated(EnumType.STRING)
    private SampleStage stage;

    private LocalDate receivedOn;

    @Column(name = "inspection")
    private String inspectionJson;

    private boolean inspected;

    @Version
    private long version;

    protected GreenSampleEntity() {}

    GreenSampleEntity(LotEntity lot, SampleStage stage, LocalDate receivedOn) {
        this.lot = lot;
        this.stage = stage;
        this.receivedOn = receivedOn;
        keep(Inspection.none());
        inspected = false;
    }

    /** Takes over a checked inspection. */
    final void keep(Inspection inspection) {
        inspectionJson = INSPECTION.write(inspection);
        inspected = true;
    }

    public Inspection inspection() {
        return INSPECTION.read(inspectionJson);
    }

    /** What is known of the coffee: as measured on this sample, else as entered with the lot. */
    public GreenFacts facts() {
        GreenFacts stated = lot.facts();
        if (!inspected) {
            return stated;
        }
        Inspection i = inspection();
        return new GreenFacts(
                stated.process(),
                stated.arrival(),
                i.moisturePct().isPresent() ? i.moisturePct() : stated.moisturePct(),
                i.density().isPresent() ? i.density() : stated.densityGPerL(),
                i.screenRange().or(stated::screen),
                i.screens().map(x -> OptionalDouble.of(x.spread())).orElse(OptionalDouble.empty()),
                i.harvest(),
                stated.limits());
    }

    LotView.NewestSample asNewest() {
        GreenFacts facts = facts();
        return new LotView.NewestSample(
                id(),
                stage.label(),
                receivedOn,
                Optionals.orNull(facts.moisturePct()),
                Optionals.orNull(facts.densityGPerL()),
                facts.screen().map(ScreenRange::text).orElse(null));
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public LotEntity lot() {
        return lot;
    }

    public SampleStage stage() {
        return stage;
    }

    public LocalDate receivedOn() {
        return receivedOn;
    }

    public boolean inspected() {
        return inspected;
    }

    long version() {
        return version;
    }
}
