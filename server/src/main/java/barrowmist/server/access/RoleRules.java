package barrowmist.server.access;

import static barrowmist.server.access.Role.CUPPER;
import static barrowmist.server.access.Role.LEAD;
import static barrowmist.server.access.Role.READER;
import static barrowmist.server.access.Role.ROASTER;

import jakarta.servlet.http.HttpServletRequest;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.web.util.UrlPathHelper;

/** What each role may ask for: the first line that fits decides, and what no line names is refused. */
final class RoleRules {

    private static final Set<String> LOOKING = Set.of("GET", "HEAD");
    private static final Set<String> CHANGING = Set.of("POST", "PUT", "DELETE", "PATCH");

    private record Line(Set<String> methods, Pattern path, Set<Role> roles) {}

    private static final List<Line> LINES = List.of(
            look("/api/(people|tokens)(/.*)?", LEAD),
            // whoever prepares the table; that it was looked at is written on it
            look("/api/cuppings/\\d+/(key|preparation|preparation\\.pdf)", LEAD, ROASTER),
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
            change("/api/cuppings/\\d+/(sheets(/\\d+)?|answers|rankings|guesses)", LEAD, CUPPER),
            // preparing a table: laying it, pouring, breaking
            change("/api/(table-warnings|cuppings(/\\d+/clock/.*)?)", LEAD, ROASTER),
            change("/api/roasts/\\d+/trace/.*", LEAD),
            change("/api/lots/\\d+/(decision|contract)", LEAD),
            change(
                    "/api/(days|desks|green-samples|instruments|lots|lots\\.csv|notices|photos|plans|roasts)(/.*)?",
                    LEAD,
                    ROASTER),
            // whoever mixes a trial
            change("/api/blends(/.*)?", LEAD, ROASTER),
            // what followed a profile, and tasting it; the profile itself is the lead's
            change("/api/profiles/\\d+/(batches|tables)", LEAD, ROASTER),
            change("/api/machines/\\d+/(link-test|readings|replay|model|upkeep(/\\d+)?)", LEAD, ROASTER),
            // roasters, limits, schools, people, the reveal, and whatever comes new
            change("/api/.*", LEAD));

    private RoleRules() {}

    private static Line look(String path, Role... roles) {
        return new Line(LOOKING, Pattern.compile(path), EnumSet.copyOf(List.of(roles)));
    }

    private static Line change(String path, Role... roles) {
        return new Line(CHANGING, Pattern.compile(path), EnumSet.copyOf(List.of(roles)));
    }

    /** Whether this role may ask for that. */
    static boolean allow(Role role, HttpServletRequest request) {
        String path = UrlPathHelper.defaultInstance.getPathWithinApplication(request);
        return LINES.stream()
                .filter(l -> l.methods.contains(request.getMethod()))
                .filter(l -> l.path.matcher(path).matches())
                .findFirst()
                .map(l -> l.roles.contains(role))
                .orElse(false);
    }
}
