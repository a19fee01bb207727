package barrowmist.server.rest;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is kept back of a roast, and on which days it is cupped again. */
@Entity
@Table(name = "ageing_study")
class AgeingEntity {

    @Id
    private long roastId;

    @Column(name = "kept_g")
    private double keptG;

    private String recupDays;

    @Version
    private @Nullable Long version;

    protected AgeingEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    AgeingEntity(long roastId) {
        this.roastId = roastId;
    }

    void keep(double grams, List<Integer> days) {
        keptG = grams;
        recupDays = days.stream().sorted().map(String::valueOf).collect(Collectors.joining(","));
    }

    /** 0 for a study that was never saved, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }

    long roastId() {
        return roastId;
    }

    double keptG() {
        return keptG;
    }

    List<Integer> days() {
        return Arrays.stream(recupDays.split(",")).map(Integer::valueOf).toList();
    }
}
