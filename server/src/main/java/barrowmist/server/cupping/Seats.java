package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.server.web.InputProblems;
import org.jspecify.annotations.Nullable;

/** Under which name somebody sits at a table. */
final class Seats {

    static final int LONGEST = 120;

    private Seats() {}

    /** @throws InputProblems if there is none, or a very long one */
    static String name(@Nullable String cupper) {
        String name = cupper == null ? "" : cupper.strip();
        if (name.isEmpty()) {
            throw new InputProblems("cupper", "cupper is missing: on a blind table each answer is somebody's");
        }
        InputProblems.refuseIfAny(
                new Checks().name("cupper", "Cupper", name, LONGEST).problems());
        return name;
    }

    static String tooLong(String name) {
        return "cupper has " + name.length() + " characters, at most " + LONGEST + " are kept";
    }
}
