package barrowmist.server.desk;

import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.DeskView;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every screen that watches a desk, at most ten times a second, what it has not seen yet. */
@Component
class Watchers {

    private static final long AT_MOST_EVERY_NANOS = 95_000_000L;

    private final Map<Long, List<Watcher>> watchers = new ConcurrentHashMap<>();
    private final Map<Long, Long> toldNanos = new ConcurrentHashMap<>();
    private final ExecutorService sending = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "watcher");
        thread.setDaemon(true);
        return thread;
    });

    /** One screen. */
    private final class Watcher {
        private final SseEmitter emitter = new SseEmitter(0L);
        private final Wording wording;
        private final AtomicBoolean busy = new AtomicBoolean();
        private int next;

        Watcher(int next, Wording wording) {
            this.next = next;
            this.wording = wording;
        }
    }

    SseEmitter watch(Desk desk, int from, Wording wording) {
        Watcher watcher = new Watcher(from, wording);
        List<Watcher> all = watchers.computeIfAbsent(desk.machineId(), id -> new CopyOnWriteArrayList<>());
        watcher.emitter.onCompletion(() -> all.remove(watcher));
        watcher.emitter.onTimeout(() -> all.remove(watcher));
        watcher.emitter.onError(e -> all.remove(watcher));
        all.add(watcher);
        send(desk, watcher, new HashMap<>());
        return watcher.emitter;
    }

    void tell(Desk desk) {
        List<Watcher> all = watchers.getOrDefault(desk.machineId(), List.of());
        long now = System.nanoTime();
        boolean soon = now - toldNanos.getOrDefault(desk.machineId(), Long.MIN_VALUE / 2) < AT_MOST_EVERY_NANOS;
        if (all.isEmpty() || soon) {
            return;
        }
        toldNanos.put(desk.machineId(), now);
        Map<String, DeskView> views = new HashMap<>();
        all.forEach(w -> send(desk, w, views));
    }

    /** A slow screen misses a turn and catches up with the next: it never holds up the others. */
    private void send(Desk desk, Watcher watcher, Map<String, DeskView> views) {
        if (!watcher.busy.compareAndSet(false, true)) {
            return;
        }
        DeskView view = views.computeIfAbsent(
                watcher.next + " " + watcher.wording, k -> desk.view(watcher.next, watcher.wording));
        // a batch that was begun anew has fewer readings than were seen of the last one
        DeskView sent = view.seq() < watcher.next ? desk.view(0, watcher.wording) : view;
        watcher.next = sent.seq();
        sending.execute(() -> {
            try {
                watcher.emitter.send(SseEmitter.event()
                        .id(String.valueOf(sent.seq()))
                        .name("desk")
                        .data(sent, MediaType.APPLICATION_JSON));
            } catch (IOException | IllegalStateException e) {
                watchers.getOrDefault(desk.machineId(), List.of()).remove(watcher);
            } finally {
                watcher.busy.set(false);
            }
        });
    }

    void closeAll() {
        watchers.values().forEach(all -> all.forEach(w -> w.emitter.complete()));
        sending.shutdown();
    }
}
