package barrowmist.server.roast;

import barrowmist.core.check.Days;
import barrowmist.core.check.Shown;
import barrowmist.server.web.InputProblems;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;

/**
 * What a log says of itself in its lines {@code # key: value}. See {@code docs/formats.md}.
 *
 * @param notes value by key
 */
record LogNotes(Map<String, String> notes) {

    /**
     * When it was roasted, {@code roasted_at}; empty where it is not said.
     *
     * @throws InputProblems if it is said and cannot be read, or cannot be meant
     */
    Optional<Instant> roastedAt(ZoneId zone) {
        return text("roasted_at").map(t -> {
            String text = t.replace(' ', 'T');
            return local(text, zone)
                    .or(() -> instant(text))
                    .orElseThrow(() -> new InputProblems(
                            "roasted_at",
                            "The note roasted_at is \"" + Shown.of(t) + "\", expected such as 2026-03-02T09:10, "
                                    + Days.allowed()));
        });
    }

    /** A note that is there and not blank. */
    Optional<String> text(String key) {
        return Optional.ofNullable(notes.get(key)).map(String::strip).filter(t -> !t.isEmpty());
    }

    private static Optional<Instant> local(String text, ZoneId zone) {
        try {
            return Optional.of(LocalDateTime.parse(text))
                    .filter(at -> Days.canBeMeant(at.toLocalDate()))
                    .map(at -> at.atZone(zone).toInstant());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static Optional<Instant> instant(String text) {
        try {
            return local(
                    Instant.parse(text)
                            .atOffset(ZoneOffset.UTC)
                            .toLocalDateTime()
                            .toString(),
                    ZoneOffset.UTC);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
