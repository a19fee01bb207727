package barrowmist.server.roast;

import barrowmist.server.roast.FaultLimitsService.FaultLimitsChanged;
import barrowmist.server.web.BeforeOpening;
import org.springframework.core.annotation.Order;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Brings stored figures up to the present rules: at start, and when the lab has changed its limits. */
@Component
@Order(1)
class FigureRenewal implements BeforeOpening {

    private final RoastService roasts;
    private final TaskExecutor background;

    FigureRenewal(RoastService roasts, TaskExecutor background) {
        this.roasts = roasts;
        this.background = background;
    }

    @Override
    public void prepare() {
        boolean more = true;
        while (more) {
            more = roasts.renewFigures();
        }
    }

    /** A lab has thousands of roasts: nobody waits for them. What a restart cuts off goes on at the next start. */
    @TransactionalEventListener
    void on(FaultLimitsChanged changed) {
        background.execute(this::prepare);
    }
}
