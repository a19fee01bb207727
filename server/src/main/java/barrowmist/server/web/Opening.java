package barrowmist.server.web;

import java.util.List;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Prepares the lab before the server listens: a page that came earlier would show an empty one. */
@Component
class Opening implements SmartLifecycle {

    private final List<BeforeOpening> all;
    private boolean open;

    Opening(List<BeforeOpening> all) {
        this.all = all;
    }

    @Override
    public void start() {
        all.forEach(BeforeOpening::prepare);
        open = true;
    }

    @Override
    public void stop() {
        open = false;
    }

    @Override
    public boolean isRunning() {
        return open;
    }

    /** Long before the web server's. */
    @Override
    public int getPhase() {
        return 0;
    }
}
