package barrowmist.server.web;

import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import org.jspecify.annotations.Nullable;

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

    /** The value, which must be there. @throws InputProblems naming what could stand there if it is null */
    public static <C extends Coded> C required(String field, Class<C> type, @Nullable C value) {
        if (value == null) {
            throw new InputProblems(field, field + " is missing, expected " + Coded.codes(type));
        }
        return value;
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
