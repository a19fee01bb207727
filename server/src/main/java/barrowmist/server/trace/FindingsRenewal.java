package barrowmist.server.trace;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Service;

/**
 * Works marked traces out again before they are shown. A roast or a sheet marks a few: those are waited for. Edited limits
 * or new rules mark them all: then the newest are waited for, and the others follow in the background.
 */
@Service
public class FindingsRenewal {

    private final KeptFindings findings;
    private final TaskExecutor background;
    private final AtomicBoolean running = new AtomicBoolean();
    private final AtomicLong begunWith = new AtomicLong();

    FindingsRenewal(KeptFindings findings, TaskExecutor background) {
        this.findings = findings;
        this.background = background;
    }

    /** Asked before any list of findings is read. */
    public void renew() {
        if (!running.get() && findings.renewSome() && running.compareAndSet(false, true)) {
            background.execute(this::renewAll);
        }
    }

    /**
     * How far it is.
     *
     * @param left so many traces are still to be worked out anew
     * @param of so many were to be when it began; 0 where nothing is under way
     */
    public record RenewalView(long left, long of) {}

    RenewalView progress() {
        long left = findings.countStale();
        return new RenewalView(left, left == 0 ? 0 : Math.max(left, begunWith.get()));
    }

    private void renewAll() {
        begunWith.set(findings.countStale());
        try {
            boolean more = true;
            while (more) {
                more = findings.renewSome();
            }
        } finally {
            running.set(false);
        }
    }
}
