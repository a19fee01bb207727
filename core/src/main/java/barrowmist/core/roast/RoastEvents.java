package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * The events of a roast: each kind once, in the order of {@link EventKind}; lone pops as often as they were heard.
 *
 * @param list sorted by time
 */
public record RoastEvents(List<RoastEvent> list) {

    public RoastEvents {
        list = list.stream()
                .sorted(Comparator.comparingDouble(RoastEvent::timeS))
                .toList();
    }

    public static RoastEvents of(RoastEvent... events) {
        return new RoastEvents(List.of(events));
    }

    public Optional<RoastEvent> find(EventKind kind) {
        return list.stream().filter(e -> e.kind() == kind).findFirst();
    }

    /** When it came, s since the charge; empty where either is not marked. */
    public OptionalDouble sinceCharge(EventKind kind) {
        OptionalDouble charge = timeS(EventKind.CHARGE);
        OptionalDouble at = timeS(kind);
        return charge.isPresent() && at.isPresent()
                ? OptionalDouble.of(at.getAsDouble() - charge.getAsDouble())
                : OptionalDouble.empty();
    }

    public OptionalDouble timeS(EventKind kind) {
        return find(kind).stream().mapToDouble(RoastEvent::timeS).findFirst();
    }

    /** These events with {@code kind} marked at {@code timeS}: moved when it is there, added when it is not. */
    public RoastEvents with(EventKind kind, double timeS) {
        RoastEvent event = find(kind).map(e -> e.movedTo(timeS)).orElseGet(() -> RoastEvent.at(kind, timeS));
        return new RoastEvents(
                Stream.concat(without(kind).list.stream(), Stream.of(event)).toList());
    }

    public RoastEvents without(EventKind kind) {
        return new RoastEvents(list.stream().filter(e -> e.kind() != kind).toList());
    }

    /** Those until a time, s. */
    public RoastEvents until(double lastS) {
        return new RoastEvents(list.stream().filter(e -> e.timeS() <= lastS).toList());
    }

    public RoastEvents shifted(double shiftS) {
        return new RoastEvents(list.stream().map(e -> e.shifted(shiftS)).toList());
    }

    /** What is wrong with the order of these events, a sentence each; empty when nothing is. */
    public List<String> problems() {
        List<String> problems = new ArrayList<>();
        List<RoastEvent> ordered = list.stream()
                .filter(e -> e.kind().single())
                .sorted(Comparator.comparing(RoastEvent::kind))
                .toList();
        for (int i = 1; i < ordered.size(); i++) {
            RoastEvent before = ordered.get(i - 1);
            RoastEvent event = ordered.get(i);
            if (event.kind() == before.kind()) {
                problems.add("%s is there twice, at %s and %s: a roast has one"
                        .formatted(event.kind().label(), Clock.text(before.timeS()), Clock.text(event.timeS())));
            } else if (event.timeS() < before.timeS()) {
                problems.add("%s at %s lies before %s at %s: it comes after it"
                        .formatted(
                                event.kind().label(),
                                Clock.text(event.timeS()),
                                before.kind().label(),
                                Clock.text(before.timeS())));
            }
        }
        return problems;
    }
}
