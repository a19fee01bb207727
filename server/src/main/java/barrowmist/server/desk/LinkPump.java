package barrowmist.server.desk;

import barrowmist.server.device.RoasterLink;
import barrowmist.server.device.RoasterLink.LinkLost;
import barrowmist.server.device.RoasterLinks;
import barrowmist.server.machine.LinkSettings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reads a roaster for its desk, as often as it is set to; takes a lost link up again by itself. */
final class LinkPump implements Runnable {

    private static final Logger LOG = LoggerFactory.getLogger(LinkPump.class);
    private static final long RETRY_MS = 500;
    private static final long NANOS_PER_MS = 1_000_000;

    private final Desk desk;
    private final RoasterLinks links;
    private final Runnable after;
    private final Thread thread;
    private volatile boolean stopped;

    /** @param after done after each reading and each failure */
    LinkPump(Desk desk, RoasterLinks links, Runnable after) {
        this.desk = desk;
        this.links = links;
        this.after = after;
        this.thread = new Thread(this, "desk-" + desk.machineId());
        thread.setDaemon(true);
    }

    LinkPump start() {
        thread.start();
        return this;
    }

    void stop() {
        stopped = true;
        thread.interrupt();
    }

    @Override
    public void run() {
        while (!stopped) {
            LinkSettings settings = desk.link();
            if (!settings.byHandOnly()) {
                read(settings);
            }
            done();
            pause(RETRY_MS * NANOS_PER_MS);
        }
    }

    private void read(LinkSettings settings) {
        try (RoasterLink link = links.open(desk.machineId(), settings)) {
            long due = System.nanoTime();
            while (!stopped && settings.equals(desk.link())) {
                desk.take(link.read(), System.nanoTime());
                done();
                // a late reading does not make the next ones hurry
                due = Math.max(
                        due + settings.pollMs() * NANOS_PER_MS, System.nanoTime() - settings.pollMs() * NANOS_PER_MS);
                pause(due - System.nanoTime());
            }
        } catch (LinkLost e) {
            desk.linkLost(e.getMessage());
        } catch (RuntimeException e) {
            LOG.warn("Reading the roaster failed", e);
            desk.linkLost("Reading the roaster failed: " + e.getMessage());
        }
    }

    private void done() {
        try {
            after.run();
        } catch (RuntimeException e) {
            LOG.warn("Telling the screens failed", e);
        }
    }

    private void pause(long nanos) {
        try {
            if (nanos > 0) {
                Thread.sleep(nanos / NANOS_PER_MS, (int) (nanos % NANOS_PER_MS));
            }
        } catch (InterruptedException e) {
            stopped = true;
        }
    }
}
