package barrowmist.server.today;

import barrowmist.core.trace.Finding;
import barrowmist.server.roast.RoastLists.Begun;
import barrowmist.server.today.TodayView.TaskView;
import barrowmist.server.trace.TraceViews.TraceRow;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Words for what waits. */
final class TaskWords {

    private static final int NAMED = 3;

    private TaskWords() {}

    /** A cup that waits for an explanation. */
    static TaskView traced(TraceRow row) {
        boolean supported = Finding.Standing.SUPPORTED.code().equals(row.standing());
        String title = supported
                ? "Read what the cup comes from: " + row.label()
                : "A cup is off and nothing settles it yet: perhaps " + row.label();
        String score = row.finalScore() == null ? "" : String.format(Locale.ROOT, "%.2f · ", row.finalScore());
        return TaskView.toDecide(
                "trace",
                title,
                row.lotName() + ", roast " + row.number(),
                "/trace/" + row.roastId(),
                score + (supported ? row.standing() : "not borne out"),
                supported);
    }

    /** Where to go: to the roast itself, when it is the only one. */
    static String one(List<Begun> roasts, String page) {
        return roasts.size() == 1 ? page + "/" + roasts.get(0).id() : page;
    }

    /** The first few by name. */
    static <T> String names(List<T> what, Function<T, String> name) {
        String more = what.size() > NAMED ? "; and " + (what.size() - NAMED) + " more" : "";
        return what.stream().limit(NAMED).map(name).collect(Collectors.joining("; ")) + more;
    }

    /** What waits at a station, in one line; nothing when nothing does. */
    static <T> void waiting(
            List<TaskView> tasks, String station, String verb, List<T> what, Function<T, String> name, String link) {
        if (!what.isEmpty()) {
            String things = station.equals("green") ? "lot" : station.equals("roast") ? "roast" : "sample";
            String title = verb + " " + what.size() + " " + things + (what.size() == 1 ? "" : "s");
            tasks.add(TaskView.atItsStation(station, title, names(what, name), link));
        }
    }
}
