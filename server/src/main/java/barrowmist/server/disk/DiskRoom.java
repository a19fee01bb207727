package barrowmist.server.disk;

import barrowmist.server.notice.Notice;
import barrowmist.server.notice.NoticeSource;
import barrowmist.server.web.DiskFull;
import barrowmist.server.web.StoreDoctor;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Watches the room on the disk of the data folder. Below a limit nothing more is kept, so that the database never meets
 * the end of the disk: it would close itself. Should it do so all the same, because something else filled the disk at
 * once, a file that was set by as a reserve makes the room in which it is opened again.
 */
@Component
public class DiskRoom implements NoticeSource, StoreDoctor {

    private static final Logger LOG = LoggerFactory.getLogger(DiskRoom.class);
    private static final long LOOKED_MS = 500;
    private static final long WATCH_MS = 2000;
    private static final int BLOCK = 1 << 16;
    private static final int ANSWERS_S = 2;

    private final Path folder;
    private final Path reserve;
    private volatile long leastBytes;
    private final long reserveBytes;
    private final DataSource database;
    private final Thread watch;
    private volatile long roomBytes;
    private volatile long lookedMs;

    /**
     * @param leastBytes with less room nothing is kept (house default: 64 MB)
     * @param reserveBytes size of the file that is given up when the disk is full (house default: 16 MB)
     */
    DiskRoom(
            @Value("${barrowmist.data.path}") String data,
            @Value("${barrowmist.disk.least-bytes:67108864}") long leastBytes,
            @Value("${barrowmist.disk.reserve-bytes:16777216}") long reserveBytes,
            DataSource database) {
        this.folder = DataFolder.of(data);
        this.reserve = folder.resolve("reserve");
        this.leastBytes = leastBytes;
        this.reserveBytes = reserveBytes;
        this.database = database;
        watch = new Thread(this::watch, "disk-room");
        watch.setDaemon(true);
    }

    /** Not before all is there: a server that does not start must leave no thread behind. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        watch.start();
    }

    /** Whether there is too little room to keep anything. */
    public boolean full() {
        long now = System.nanoTime() / 1_000_000;
        if (lookedMs == 0 || now - lookedMs > LOOKED_MS) {
            try {
                Files.createDirectories(folder);
                roomBytes = Files.getFileStore(folder).getUsableSpace();
            } catch (IOException e) {
                roomBytes = 0;
            }
            lookedMs = now;
        }
        return roomBytes < leastBytes;
    }

    /** @throws DiskFull if there is too little room to keep anything */
    public void needed() {
        if (full()) {
            throw new DiskFull();
        }
    }

    @Override
    public List<Notice> notices() {
        return full() ? List.of(new Notice("disk", DiskFull.TEXT, null, true)) : List.of();
    }

    /** Of H2: no room; reading or writing failed; the store is closed. */
    private static final Set<Integer> STORE_GONE = Set.of(90100, 90028, 90031, 90098, 90121);

    @Override
    public Optional<String> diagnose(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof SQLException sql && STORE_GONE.contains(sql.getErrorCode())) {
                reopen();
                return Optional.of(
                        full()
                                ? DiskFull.TEXT
                                : "The database had closed itself and is opened again. Nothing was kept: do it again.");
            }
        }
        return Optional.empty();
    }

    private void watch() {
        try {
            while (true) {
                if (!answers()) {
                    reopen();
                } else if (!full()) {
                    layBy();
                }
                Thread.sleep(WATCH_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        watch.interrupt();
    }

    private boolean answers() {
        try (Connection connection = database.getConnection()) {
            return connection.isValid(ANSWERS_S);
        } catch (SQLException e) {
            return false;
        }
    }

    /** Opens the database again that has closed itself. */
    void reopen() {
        try {
            Files.deleteIfExists(reserve);
        } catch (IOException e) {
            LOG.warn("The reserve {} could not be given up", reserve, e);
        }
        lookedMs = 0;
        if (database instanceof HikariDataSource pool) {
            HikariPoolMXBean connections = pool.getHikariPoolMXBean();
            if (connections != null) {
                LOG.warn("The database does not answer; it is opened again");
                connections.softEvictConnections();
            }
        }
    }

    /** Sets the reserve by, block by block: a file of nothing but a length would reserve nothing. */
    private void layBy() {
        try {
            if (Files.exists(reserve) && Files.size(reserve) >= reserveBytes || roomBytes < leastBytes + reserveBytes) {
                return;
            }
            byte[] block = new byte[BLOCK];
            try (OutputStream out = Files.newOutputStream(reserve)) {
                for (long done = 0; done < reserveBytes; done += BLOCK) {
                    out.write(block);
                }
            }
        } catch (IOException e) {
            LOG.warn("The reserve {} could not be set by", reserve, e);
        }
    }
}
