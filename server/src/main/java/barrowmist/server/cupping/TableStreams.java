package barrowmist.server.cupping;

import jakarta.persistence.PostPersist;
import jakarta.persistence.PostRemove;
import jakarta.persistence.PostUpdate;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every screen at a table, as soon as it is kept, that something there has changed; never what, so that it tells
 * nobody more than the screen may ask for.
 */
@Component
class TableStreams {

    private static final long SIGN_OF_LIFE_S = 20;

    private final Map<Long, List<SseEmitter>> screens = new ConcurrentHashMap<>();
    private final ExecutorService sending = Executors.newCachedThreadPool(TableStreams::daemon);
    private final ScheduledExecutorService breath = Executors.newSingleThreadScheduledExecutor(TableStreams::daemon);

    TableStreams() {
        // who went without a word is found out
        breath.scheduleAtFixedRate(
                () -> screens.keySet().forEach(id -> tell(id, "here")),
                SIGN_OF_LIFE_S,
                SIGN_OF_LIFE_S,
                TimeUnit.SECONDS);
    }

    private static Thread daemon(Runnable task) {
        Thread thread = new Thread(task, "table-stream");
        thread.setDaemon(true);
        return thread;
    }

    /** A screen that watches this table. */
    SseEmitter watch(long tableId) {
        SseEmitter screen = new SseEmitter(0L);
        List<SseEmitter> all = screens.computeIfAbsent(tableId, id -> new CopyOnWriteArrayList<>());
        screen.onCompletion(() -> all.remove(screen));
        screen.onTimeout(() -> all.remove(screen));
        screen.onError(e -> all.remove(screen));
        all.add(screen);
        send(tableId, screen, "here");
        return screen;
    }

    private void tell(long tableId, String event) {
        screens.getOrDefault(tableId, List.of()).forEach(s -> sending.execute(() -> send(tableId, s, event)));
    }

    private void send(long tableId, SseEmitter screen, String event) {
        try {
            screen.send(SseEmitter.event().name(event).data(""));
        } catch (IOException | IllegalStateException e) {
            screens.getOrDefault(tableId, List.of()).remove(screen);
        }
    }

    /** An open stream would hold up the shutdown. */
    @EventListener(ContextClosedEvent.class)
    void closeAll() {
        breath.shutdownNow();
        screens.values().forEach(all -> all.forEach(SseEmitter::complete));
        sending.shutdown();
    }

    /** Hears of whatever of a table is kept, when it is kept for good. */
    @Component
    static class Ear {

        private final TableStreams streams;

        Ear(TableStreams streams) {
            this.streams = streams;
        }

        @PostPersist
        @PostUpdate
        @PostRemove
        void heard(OfTable of) {
            long tableId = of.tableId();
            if (TransactionSynchronizationManager.isSynchronizationActive()) {
                TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                    @Override
                    public void afterCommit() {
                        streams.tell(tableId, "changed");
                    }
                });
            }
        }
    }

    /** Something that stands on a table, or the table itself. */
    interface OfTable {

        long tableId();
    }
}
