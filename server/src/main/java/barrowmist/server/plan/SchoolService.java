package barrowmist.server.plan;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.School;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.plan.PlanViews.SchoolView;
import barrowmist.server.plan.PlanViews.SchoolsView;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Keeps the schools of roasting. */
@Service
class SchoolService {

    private static final StoredJson<SchoolsView> SCHOOLS = StoredJson.of("schools", SchoolsView.class);
    private static final int MOST_SCHOOLS = 30;
    private static final int MOST_TEXT = 300;
    private static final double MOST = 1800;

    private final SettingStore settings;

    SchoolService(SettingStore settings) {
        this.settings = settings;
    }

    SchoolsView all() {
        return settings.get(
                        SCHOOLS,
                        () -> new SchoolsView(
                                School.defaults().stream().map(SchoolView::of).toList(), null))
                .with(settings.version(SCHOOLS));
    }

    SchoolView get(String id) {
        return all().schools().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new InputProblems("schoolId", "There is no school \"" + id + "\""));
    }

    SchoolsView keep(SchoolsView schools) {
        List<FieldProblem> problems = new ArrayList<>();
        List<SchoolView> given = schools.schools() == null ? List.of() : schools.schools();
        if (given.isEmpty() || given.size() > MOST_SCHOOLS) {
            problems.add(new FieldProblem("schools", "A lab keeps 1 to " + MOST_SCHOOLS + " schools"));
        }
        Set<String> ids = new HashSet<>();
        for (SchoolView school : given) {
            problems.addAll(problems(school));
            if (!ids.add(school.id())) {
                problems.add(new FieldProblem("schools", "Two schools are called " + school.id()));
            }
        }
        InputProblems.refuseIfAny(problems);
        return schools.with(settings.keep(SCHOOLS, schools, schools.version()));
    }

    private static List<FieldProblem> problems(SchoolView school) {
        Checks checks = new Checks()
                .text("id", "Short name", school.id(), 40)
                .name("name", "Name", school.name(), 80)
                .text("note", "Note", school.note(), MOST_TEXT);
        if (school.targets() == null) {
            return checks.add("targets", "A school needs targets").problems();
        }
        school.targets().forEach((figure, aim) -> check(checks, school.name(), figure, aim));
        return checks.problems();
    }

    private static void check(Checks checks, String school, KeyFigure figure, Aim aim) {
        String field = figure.code();
        String label = school + ": " + figure.label();
        checks.range("targets." + field, label, aim.value(), 0, MOST, "");
        checks.range("targets." + field, label + ", tolerance", aim.tolerance(), 0.1, MOST, "");
    }
}
