package barrowmist.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Ends the streams of whoever may no longer come in: a call is asked once, and a stream stays open for hours. */
@Component
public class OpenStreams {

    private static final long ASKED_EVERY_S = 5;

    private final Members members;
    private final SignedIn sessions;
    private final Map<SseEmitter, BooleanSupplier> open = new ConcurrentHashMap<>();
    private final ScheduledExecutorService asking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "open-streams");
        thread.setDaemon(true);
        return thread;
    });

    OpenStreams(Members members, SignedIn sessions) {
        this.members = members;
        this.sessions = sessions;
        asking.scheduleWithFixedDelay(this::ask, ASKED_EVERY_S, ASKED_EVERY_S, TimeUnit.SECONDS);
    }

    /** This stream for as long as its caller is let in, in the role they have now. */
    public SseEmitter whileLetIn(SseEmitter stream) {
        Member.ofCaller().ifPresent(caller -> {
            open.put(stream, letIn(caller));
            stream.onCompletion(() -> open.remove(stream));
        });
        return stream;
    }

    private BooleanSupplier letIn(Member caller) {
        HttpServletRequest request =
                ((ServletRequestAttributes) RequestContextHolder.currentRequestAttributes()).getRequest();
        if (caller.script()) {
            String token = CallerFilter.token(String.valueOf(request.getHeader(HttpHeaders.AUTHORIZATION)));
            return () -> members.byToken(token).filter(caller::equals).isPresent();
        }
        String session = request.getSession().getId();
        return () -> sessions.lasts(session)
                && members.person(caller.id()).filter(caller::equals).isPresent();
    }

    /** Asks for each open stream once more. */
    void ask() {
        open.forEach((stream, letIn) -> {
            if (!letIn.getAsBoolean()) {
                open.remove(stream);
                stream.complete();
            }
        });
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        asking.shutdownNow();
    }
}
