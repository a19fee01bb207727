package barrowmist.server.access;

import static barrowmist.server.access.Role.CUPPER;
import static barrowmist.server.access.Role.LEAD;
import static barrowmist.server.access.Role.READER;
import static barrowmist.server.access.Role.ROASTER;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What each role may call, by the patterns of the controllers: the first line that fits decides, and what no line names is
 * refused.
 */
final class RoleRules {

    private static final Set<String> LOOKING = Set.of("GET");
    private static final Set<String> CHANGING = Set.of("POST", "PUT", "DELETE", "PATCH");

    private record Line(Set<String> methods, Pattern pattern, Set<Role> roles) {}

    private static final List<Line> LINES = List.of(
            look("/api/(people|tokens)(/.*)?", LEAD),
            // whoever prepares the table; that it was looked at is written on it
            look("/api/cuppings/\\{id}/(key|preparation|preparation\\.pdf)", LEAD, ROASTER),
            // a cupper's own, and the lead's
            look("/api/cuppers(/.*)?", LEAD, CUPPER),
            look("(/api|/v3)/.*", LEAD, ROASTER, CUPPER, READER),
            // everybody's own
            change("/api/session(/.*)?", LEAD, ROASTER, CUPPER, READER),
            change("/api/cuppings/join", LEAD, ROASTER, CUPPER, READER),
            // sums that keep nothing
            change(
                    "/api/(batches|blends/estimate|plans/(prediction|search|translation|drop))",
                    LEAD,
                    ROASTER,
                    CUPPER,
                    READER),
            // a cupper's are kept under the cupper's own name, whoever is named
            change("/api/cuppings/\\{id}/(sheets(/\\{sheetId})?|answers|rankings|guesses)", LEAD, CUPPER),
            // running a table: laying it, pouring, breaking, counting a triangle
            change("/api/(table-warnings|cuppings(/\\{id}/(clock/.*|difference))?)", LEAD, ROASTER),
            change("/api/roasts/\\{id}/trace/.*", LEAD),
            change("/api/lots/\\{id}/(decision|contract|merged)", LEAD),
            change("/api/(lots|plans)/\\{id}/aside|/api/roasts/\\{id}/place", LEAD),
            change(
                    "/api/(days|desks|green-samples|instruments|lots|lots\\.csv|notices|photos|plans|roasts)(/.*)?",
                    LEAD,
                    ROASTER),
            // whoever mixes a trial
            change("/api/blends(/.*)?", LEAD, ROASTER),
            // what followed a profile, and tasting it; the profile itself is the lead's
            change("/api/profiles/\\{id}/(batches|tables)", LEAD, ROASTER),
            change(
                    "/api/machines/\\{(id|machineId)}/(link-test|readings|replay|model|upkeep(/\\{id})?)",
                    LEAD,
                    ROASTER),
            // roasters, limits, schools, people, the reveal, and whatever comes new
            change("/api/.*", LEAD));

    private RoleRules() {}

    private static Line look(String pattern, Role... roles) {
        return new Line(LOOKING, Pattern.compile(pattern), EnumSet.copyOf(List.of(roles)));
    }

    private static Line change(String pattern, Role... roles) {
        return new Line(CHANGING, Pattern.compile(pattern), EnumSet.copyOf(List.of(roles)));
    }

    /** A script acts under its own name: it has no password and no session, and signs nobody out. */
    private static final Pattern OF_PEOPLE_ALONE = Pattern.compile("/api/(session|people|tokens)(/.*)?");

    /** Whether this person or script may call that operation. */
    static boolean allow(Member caller, Operations.Called called) {
        if (caller.script()
                && CHANGING.contains(called.method())
                && OF_PEOPLE_ALONE.matcher(called.pattern()).matches()) {
            return false;
        }
        return LINES.stream()
                .filter(l -> l.methods.contains(called.method()))
                .filter(l -> l.pattern.matcher(called.pattern()).matches())
                .findFirst()
                .map(l -> l.roles.contains(caller.role()))
                .orElse(false);
    }
}
