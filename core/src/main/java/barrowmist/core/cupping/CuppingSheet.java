package barrowmist.core.cupping;

import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** What one cupper wrote down of one sample, on any form. */
public sealed interface CuppingSheet permits HundredPointSheet, ValueSheet, TriageSheet {

    CuppingForm form();

    /** Scores given so far, by their names on the wire; one not given is not there. */
    Map<String, Double> attributes();

    List<Cup> cups();

    List<TasteNote> words();

    /** The final score; empty until all is there that it needs, and always empty on a form without one. */
    OptionalDouble finalScore();

    /** What is not given yet, by its names on the wire, in order of the form. */
    List<String> open();

    /** Every problem of it, by its names on the wire. */
    List<FieldProblem> problems();

    /** The same with other words. */
    CuppingSheet with(List<TasteNote> otherWords);

    /** Whether all that the form asks for is given. */
    default boolean finished() {
        return open().isEmpty();
    }
}
