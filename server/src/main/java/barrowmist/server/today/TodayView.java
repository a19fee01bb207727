package barrowmist.server.today;

import java.util.List;
import java.util.Map;

/**
 * What is due now.
 *
 * @param waiting how many things wait at each station, by its word
 * @param tasks what to do, in working order
 */
public record TodayView(Map<String, Integer> waiting, List<TaskView> tasks) {

    /**
     * One thing to do.
     *
     * @param station where
     * @param title the task, a short sentence
     * @param detail which samples, and why
     * @param link page that does it
     */
    public record TaskView(String station, String title, String detail, String link) {}
}
