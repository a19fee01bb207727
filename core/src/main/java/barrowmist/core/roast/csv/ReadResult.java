package barrowmist.core.roast.csv;

import barrowmist.core.check.Shown;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import java.util.List;
import java.util.Map;

/** What came of reading a file. Only {@link Accepted} may be kept. */
public sealed interface ReadResult {

    /**
     * The file is sound.
     *
     * @param log its readings
     * @param events its events
     * @param notes its {@code # key: value} lines
     */
    record Accepted(RoastLog log, RoastEvents events, Map<String, String> notes) implements ReadResult {}

    /**
     * The file has problems; all of them are here, in order of line.
     *
     * @param problems at most {@value RoastLogReader#MOST_PROBLEMS}
     */
    record Refused(List<LineProblem> problems) implements ReadResult {}

    /**
     * Some headings are not known; a person must say what they mean.
     *
     * @param headings all headings of the file
     * @param unknown those not known
     * @param firstRows the first rows, as an aid
     */
    record NeedsMapping(List<String> headings, List<String> unknown, List<List<String>> firstRows)
            implements ReadResult {}

    /**
     * The temperatures are hardly °C; a person must say what they are.
     *
     * @param question a sentence with the figure that raised it
     */
    record AsksUnit(String question) implements ReadResult {}

    /**
     * One problem.
     *
     * @param line line of the file, from 1; 0 when it concerns the whole file
     * @param message a sentence with the value and what is allowed
     */
    record LineProblem(int line, String message) {

        private static final int LONGEST_MESSAGE = 400;

        public LineProblem {
            message = Shown.of(message, LONGEST_MESSAGE);
        }
    }
}
