package barrowmist.server.today;

import barrowmist.core.check.Coded;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is due now.
 *
 * @param waiting how many things wait at each station, by its word
 * @param tasks what to do: first what has a clock time, then what can be decided in a minute, then the rest by station
 */
public record TodayView(Map<String, Integer> waiting, List<TaskView> tasks) {

    /** What kind of task: it has a time, it can be decided in a minute, or it waits at its station. */
    public enum Kind implements Coded {
        CLOCK,
        DECIDE,
        STATION
    }

    /**
     * One thing to do.
     *
     * @param station where
     * @param title the task, a short sentence
     * @param detail which samples, and why
     * @param link page that does it
     * @param at when; left out where there is no time
     * @param figure the figure that matters, such as a score with its standing
     * @param supported whether the log supports what the cup says: then something is to be changed
     */
    public record TaskView(
            String station,
            String title,
            String detail,
            String link,

            Kind kind,

            @Nullable Instant at,
            @Nullable String figure,
            boolean supported) {

        static TaskView byTheClock(String station, String title, String detail, String link, Instant at) {
            return new TaskView(station, title, detail, link, Kind.CLOCK, at, null, false);
        }

        static TaskView toDecide(
                String station, String title, String detail, String link, String figure, boolean supported) {
            return new TaskView(station, title, detail, link, Kind.DECIDE, null, figure, supported);
        }

        static TaskView atItsStation(String station, String title, String detail, String link) {
            return new TaskView(station, title, detail, link, Kind.STATION, null, null, false);
        }
    }
}
