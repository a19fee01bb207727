package barrowmist.server.roast;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** At start, brings stored figures up to the present rules. */
@Component
@Order(1)
class FigureRenewal implements ApplicationRunner {

    private final RoastService roasts;

    FigureRenewal(RoastService roasts) {
        this.roasts = roasts;
    }

    @Override
    public void run(ApplicationArguments args) {
        roasts.renewFigures();
    }
}
