package barrowmist.server.cupping;

import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.Intensity;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/** A finished sheet with who wrote it, at which table, and its traits. */
public record ToldSheet(
        long roastId,
        long cuppingId,
        Instant cuppedAt,
        String cupper,
        Set<CupTrait> traits,
        Map<String, Integer> scales,
        Map<String, Integer> intensities,
        CuppingSheet sheet) {

    /** How much of something was marked, mean share of its scale; empty where nobody marked it. */
    public static OptionalDouble marked(Collection<ToldSheet> of, String field) {
        return of.stream()
                .map(s -> Intensity.share(s.sheet().form(), field, s.intensities()))
                .flatMapToDouble(OptionalDouble::stream)
                .average();
    }
}
