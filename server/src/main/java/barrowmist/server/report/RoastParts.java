package barrowmist.server.report;

import barrowmist.core.units.Wording;
import barrowmist.server.report.LotReports.Told;
import barrowmist.server.report.PageModels.Fact;
import barrowmist.server.report.PageModels.RoastPart;
import barrowmist.server.report.ReportViews.NamedFigure;
import barrowmist.server.report.ReportViews.ReportedRoast;
import barrowmist.server.report.ReportViews.WordCups;
import barrowmist.server.sample.PhotoService;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** One roast on paper: its curve, its figures, its cup and its photographs. */
@Component
class RoastParts {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final int WORDS = 14;
    private static final int PHOTOS = 6;

    private final PhotoService photos;
    private final Clock clock;

    RoastParts(PhotoService photos, Clock clock) {
        this.photos = photos;
        this.clock = clock;
    }

    RoastPart of(Told told, Wording wording) {
        ReportedRoast r = told.roast();
        return new RoastPart(
                r.title(),
                r.stage() + " sample · " + r.machineName() + " · "
                        + WHEN.format(r.roastedAt().atZone(clock.getZone())),
                wording.fahrenheit() ? "°F" : "°C",
                CurveDrawing.of(told.analysis(), wording),
                r.figures().stream().map(RoastParts::fact).toList(),
                !r.faults().isEmpty(),
                String.join("; ", r.faults()),
                r.score() != null,
                r.score() == null ? "" : String.format(Locale.ROOT, "%.2f. ", r.score()) + words(r.words()),
                r.cause() != null,
                (r.held() ? "The lead holds: " : "It may come from: ") + r.cause(),
                !r.photos().isEmpty(),
                photos(Stream.of(r.photos())));
    }

    private static Fact fact(NamedFigure f) {
        return new Fact(f.name(), f.text());
    }

    /** The first few of them, within the page itself. */
    List<String> photos(Stream<List<Long>> of) {
        return of.flatMap(List::stream).limit(PHOTOS).map(this::photo).toList();
    }

    private String photo(long id) {
        PhotoService.Kept kept = photos.get(id);
        return "data:" + kept.type() + ";base64," + Base64.getEncoder().encodeToString(kept.content());
    }

    static String words(List<WordCups> words) {
        return words.stream().limit(WORDS).map(LotReports::written).collect(Collectors.joining(", "));
    }
}
