package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;

/** A roaster whose readings another logger pushes: each is taken once, in the order in which they came. */
final class PushedLink implements RoasterLink {

    /** Without a reading for so long it is not heard any more, s (house default). */
    private static final long SILENT_S = 5;

    private final BlockingQueue<RoasterReading> pushed;

    PushedLink(BlockingQueue<RoasterReading> pushed) {
        this.pushed = pushed;
        // what came while nobody listened is over
        pushed.clear();
    }

    @Override
    public RoasterReading read() throws LinkLost {
        try {
            RoasterReading next = pushed.poll(SILENT_S, TimeUnit.SECONDS);
            if (next != null) {
                return next;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        throw new LinkLost("No reading was pushed for %d seconds: does the other logger run?".formatted(SILENT_S));
    }

    @Override
    public void close() {
        // the queue stays: the other logger goes on pushing
    }
}
