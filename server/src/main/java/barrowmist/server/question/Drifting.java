package barrowmist.server.question;

import barrowmist.server.batch.BatchReview;
import barrowmist.server.batch.BatchViews.ChartView;
import barrowmist.server.batch.BatchViews.ProfileView;
import barrowmist.server.batch.ProfileService;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Which profiles drift, and what goes along with it. */
@Component
class Drifting implements Question {

    private final ProfileService profiles;
    private final BatchReview review;

    Drifting(ProfileService profiles, BatchReview review) {
        this.profiles = profiles;
        this.review = review;
    }

    @Override
    public String id() {
        return "drifting";
    }

    @Override
    public String text() {
        return "What drifts, and since when?";
    }

    @Override
    public List<String> filters() {
        return List.of("machineId");
    }

    @Override
    public AnswerView answer(Asked asked) {
        List<AnswerRow> rows = new ArrayList<>();
        List<String> drifting = new ArrayList<>();
        int charts = 0;
        for (ProfileView p : profiles.list()) {
            if (p.replacedBy() != null || asked.machineId() != null && p.machineId() != asked.machineId()) {
                continue;
            }
            for (ChartView c : review.batches(p.id(), false, asked.wording()).charts()) {
                charts++;
                if (c.driftsNow()) {
                    drifting.add(c.label() + " of " + p.name());
                }
                if (c.driftsNow() || !c.changed().isEmpty()) {
                    rows.add(new AnswerRow(
                            "/decision/profiles/" + p.id(),
                            List.of(
                                    p.name(),
                                    p.machineName(),
                                    c.label(),
                                    c.driftsNow() ? "drifts" : "",
                                    c.text(),
                                    String.join(" ", c.changed()))));
                }
            }
        }
        return new AnswerView(
                id(),
                text(),
                drifting.isEmpty() ? "Nothing drifts." : "Drifting now: " + String.join(", ", drifting) + ".",
                charts == 0
                        ? "No profile is in production."
                        : "By weighted means of %d figures; what goes along is where to look, and no proof."
                                .formatted(charts),
                List.of("Profile", "Roaster", "Figure", "Now", "In words", "Goes along with"),
                rows,
                List.of());
    }
}
