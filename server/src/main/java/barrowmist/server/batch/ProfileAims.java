package barrowmist.server.batch;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.decision.batch.BatchFigure;
import barrowmist.core.decision.batch.Profile;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.PlanLimits;
import barrowmist.server.batch.BatchViews.AimedFigure;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The figures of a profile, as they are kept, as they travel, and as the core has them. */
final class ProfileAims {

    static final StoredJson<AimedFigure[]> AIMS = StoredJson.of("profile", AimedFigure[].class);

    private ProfileAims() {}

    static String write(Profile profile) {
        return AIMS.write(views(profile).toArray(AimedFigure[]::new));
    }

    static Profile read(String kept) {
        return new Profile(Arrays.stream(AIMS.read(kept))
                .filter(f -> Coded.find(BatchFigure.class, f.name()).isPresent())
                .collect(Collectors.toMap(
                        f -> Coded.find(BatchFigure.class, f.name()).orElseThrow(),
                        f -> new Aim(f.target(), f.tolerance()))));
    }

    static List<AimedFigure> views(Profile profile) {
        List<AimedFigure> out = new ArrayList<>();
        profile.aims()
                .forEach((f, aim) ->
                        out.add(new AimedFigure(f.code(), f.label(), f.unit(), aim.value(), aim.tolerance())));
        return out;
    }

    /** @throws InputProblems naming each figure that is none, or that has no tolerance */
    static Profile entered(List<AimedFigure> figures) {
        Checks checks = new Checks();
        Map<BatchFigure, Aim> aims = new EnumMap<>(BatchFigure.class);
        for (int i = 0; i < figures.size(); i++) {
            AimedFigure f = figures.get(i);
            Optional<BatchFigure> figure = Coded.find(BatchFigure.class, String.valueOf(f.name()));
            if (figure.isEmpty()) {
                checks.add(
                        "figures[" + i + "].name", f.name() + " is no figure of a batch, expected one of " + known());
            } else if (!PlanLimits.aim(f.target(), f.tolerance())) {
                checks.add(
                        "figures[" + i + "].tolerance",
                        "The " + figure.get().label() + " needs a target of 0 or more and a tolerance above 0");
            } else {
                aims.put(figure.get(), new Aim(f.target(), f.tolerance()));
            }
        }
        InputProblems.refuseIfAny(checks.problems());
        if (aims.isEmpty()) {
            throw new InputProblems("figures", "A profile needs at least one figure to hold batches to");
        }
        return new Profile(aims);
    }

    private static String known() {
        return Arrays.stream(BatchFigure.values()).map(BatchFigure::code).collect(Collectors.joining(", "));
    }
}
