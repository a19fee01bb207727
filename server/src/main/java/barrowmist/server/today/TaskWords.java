package barrowmist.server.today;

import barrowmist.core.trace.Finding;
import barrowmist.server.decision.DueLots.Waiting;
import barrowmist.server.green.GreenSampleService.Named;
import barrowmist.server.roast.RoastLists.Begun;
import barrowmist.server.today.TodayService.Recent;
import barrowmist.server.today.TodayView.TaskView;
import barrowmist.server.trace.TraceRow;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Words for what waits. */
final class TaskWords {

    private static final int NAMED = 3;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    /** So many lots that are due stand by themselves. */
    private static final int DUE = 4;

    private TaskWords() {}

    /** A cup that waits for an explanation. */
    static TaskView traced(TraceRow row) {
        if (row.judgeFirst()) {
            return TaskView.toDecide(
                    "trace",
                    "Judge a cup before the answer is shown",
                    row.lotName() + ", roast " + row.number(),
                    "/trace/" + row.roastId(),
                    "drawn to be judged first",
                    false);
        }
        boolean supported = Finding.Standing.SUPPORTED.code().equals(row.standing());
        String title = supported
                ? "Read what the cup comes from: " + row.label()
                : "A cup is off and nothing settles it yet: " + row.label() + " is possible";
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

    /** What recent roasts still wait for. */
    static void after(List<TaskView> tasks, Recent recent) {
        waiting(tasks, "cupping", "Cup", recent.uncupped(), Begun::name, "/cupping");
        waiting(
                tasks,
                "sample",
                "Weigh, read and count",
                recent.unmeasured(),
                Begun::name,
                one(recent.unmeasured(), "/sample"));
        waiting(
                tasks,
                "roast",
                "Mark missing events of",
                recent.unmarked(),
                Begun::name,
                one(recent.unmarked(), "/roast"));
    }

    /** To plan the one sample that waits, or to choose which. */
    static String planLink(List<Named> unplanned) {
        return unplanned.size() == 1 ? "/plan/new?sample=" + unplanned.get(0).id() : "/plan/new";
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
            String things = station.equals("green") || station.equals("decision")
                    ? "lot"
                    : station.equals("roast") ? "roast" : "sample";
            String title = verb + " " + what.size() + " " + things + (what.size() == 1 ? "" : "s");
            tasks.add(TaskView.atItsStation(station, title, names(what, name), link));
        }
    }

    /** Lots to be decided within a week: what is over says so. */
    static void lots(List<TaskView> tasks, List<Waiting> due, LocalDate today) {
        due.stream()
                .filter(w -> !w.dueOn().isAfter(today))
                .limit(DUE)
                .forEach(w -> tasks.add(TaskView.toDecide(
                        "decision",
                        "Decide: buy, reject, claim, roast again or hold",
                        w.lotName(),
                        "/decision/" + w.lotId(),
                        "due " + DAY.format(w.dueOn()),
                        w.dueOn().isBefore(today))));
        List<Waiting> later = due.stream().filter(w -> w.dueOn().isAfter(today)).toList();
        waiting(tasks, "decision", "Decide this week on", later, Waiting::lotName, "/decision");
    }
}
