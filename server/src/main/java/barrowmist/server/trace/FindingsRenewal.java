package barrowmist.server.trace;

import java.util.concurrent.atomic.AtomicBoolean;
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

    private void renewAll() {
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
