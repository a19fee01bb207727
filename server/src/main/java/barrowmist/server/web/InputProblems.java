package barrowmist.server.web;

import barrowmist.core.check.FieldProblem;
import java.util.List;

/** What was sent cannot be kept; every problem is named. Answered with status 422. */
public class InputProblems extends RuntimeException {

    private final transient List<FieldProblem> problems;

    public InputProblems(List<FieldProblem> problems) {
        super("Nothing was kept: " + problems.size() + (problems.size() == 1 ? " value" : " values") + " to mend.");
        this.problems = List.copyOf(problems);
    }

    public InputProblems(String field, String message) {
        this(List.of(new FieldProblem(field, message)));
    }

    public List<FieldProblem> problems() {
        return problems;
    }

    /** Throws when there is a problem. */
    public static void refuseIfAny(List<FieldProblem> problems) {
        if (!problems.isEmpty()) {
            throw new InputProblems(problems);
        }
    }
}
