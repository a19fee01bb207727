package barrowmist.server.day;

import barrowmist.server.plan.PlanUses;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** The days of roasting that a plan stands in. */
@Component
class DaysOnPlan implements PlanUses {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final DayRepository days;

    DaysOnPlan(DayRepository days) {
        this.days = days;
    }

    @Override
    public List<String> of(long planId) {
        return days.findAll().stream()
                .filter(d -> d.content().items().stream().anyMatch(i -> i.planId() == planId))
                .map(d -> "the day of " + DAY.format(d.onDate()))
                .toList();
    }
}
