package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.FormScores;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Sheets as they may be used.
 *
 * @param counted they count, oldest first
 * @param apart they are told, never in one figure with those that count
 * @param leftOut a line for each reason why some are told apart, or not used at all
 */
public record CupReading(List<ToldSheet> counted, List<ToldSheet> apart, List<String> leftOut) {

    /** The same, with nothing of these roasts counted. */
    public CupReading without(Set<Long> roastIds) {
        return new CupReading(
                counted.stream().filter(s -> !roastIds.contains(s.roastId())).toList(), apart, leftOut);
    }

    /** Those that count, by their roasts. */
    public Map<Long, List<ToldSheet>> byRoast() {
        return counted.stream()
                .collect(Collectors.groupingBy(ToldSheet::roastId, LinkedHashMap::new, Collectors.toList()));
    }

    /** Those that count and those that are told apart: to hold samples of one table against each other. */
    public Map<Long, List<ToldSheet>> everyByRoast() {
        return every().stream()
                .collect(Collectors.groupingBy(ToldSheet::roastId, LinkedHashMap::new, Collectors.toList()));
    }

    /** Those that count and those that are told apart. */
    public List<ToldSheet> every() {
        return Stream.concat(counted.stream(), apart.stream()).toList();
    }

    /** The same by roast, what they say alone. */
    public Map<Long, List<CuppingSheet>> allByRoast() {
        Map<Long, List<CuppingSheet>> out = new LinkedHashMap<>();
        everyByRoast()
                .forEach((id, of) ->
                        out.put(id, of.stream().map(ToldSheet::sheet).toList()));
        return out;
    }

    /** What those that count say. */
    public List<CuppingSheet> said() {
        return counted.stream().map(ToldSheet::sheet).toList();
    }

    public FormScores scores() {
        return FormScores.of(said());
    }
}
