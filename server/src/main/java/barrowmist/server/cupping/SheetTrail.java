package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.ScoreTrail;
import barrowmist.server.web.Optionals;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * How the scores of a sheet went while its cups cooled, as kept and on the wire.
 *
 * @param scores by attribute name
 */
record SheetTrail(Map<String, TrailView> scores) {

    static final SheetTrail NONE = new SheetTrail(Map.of());

    /** @param last what it became later; left out while it is the first */
    public record TrailView(MarkView first, @Nullable MarkView last) {}

    /** @param cupC how warm the cup was then, °C; left out where no clock ran */
    public record MarkView(
            double score, Instant at, @Nullable Double cupC) {}

    /** With the scores as they stand on this sheet now; one that was taken back is forgotten. */
    SheetTrail then(CuppingSheet sheet, Instant now, OptionalDouble cupC) {
        Map<String, TrailView> out = new LinkedHashMap<>();
        sheet.attributes().forEach((name, score) -> {
            TrailView before = scores.get(name);
            ScoreTrail.Mark mark = new ScoreTrail.Mark(score, seconds(now), cupC);
            out.put(
                    name,
                    view(before == null ? ScoreTrail.begun(mark) : trail(before).then(mark)));
        });
        return new SheetTrail(out);
    }

    private static double seconds(Instant at) {
        return at.toEpochMilli() / 1000.0;
    }

    private static ScoreTrail trail(TrailView view) {
        return new ScoreTrail(
                mark(view.first()), Optional.ofNullable(view.last()).map(SheetTrail::mark));
    }

    private static ScoreTrail.Mark mark(MarkView view) {
        return new ScoreTrail.Mark(view.score(), seconds(view.at()), Optionals.of(view.cupC()));
    }

    private static TrailView view(ScoreTrail trail) {
        return new TrailView(
                view(trail.first()), trail.last().map(SheetTrail::view).orElse(null));
    }

    private static MarkView view(ScoreTrail.Mark mark) {
        return new MarkView(
                mark.score(), Instant.ofEpochMilli(Math.round(mark.atS() * 1000)), Optionals.orNull(mark.cupC()));
    }
}
