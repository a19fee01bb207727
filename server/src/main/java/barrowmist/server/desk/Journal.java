package barrowmist.server.desk;

import barrowmist.core.desk.JournalLine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What happens at a desk, a line each, on disk as it comes: what was appended survives the end of the server, and what
 * is older than a second survives a power cut. When the disk takes no more, lines wait in memory and are written as
 * soon as it does. Not safe for several threads.
 */
final class Journal implements AutoCloseable {

    private static final long FORCE_NANOS = 700_000_000L;

    private final Path file;
    private final Deque<String> waiting = new ArrayDeque<>();
    private @Nullable FileChannel channel;
    private long good;
    private long forcedNanos;
    private boolean dirty;
    private @Nullable String trouble;

    Journal(Path file) {
        this.file = file;
    }

    /**
     * What an earlier run wrote.
     *
     * @param lines all that can be read, in order
     * @param damaged how many whole lines cannot
     */
    record Found(List<JournalLine> lines, int damaged) {}

    /** Reads an earlier run's lines one by one, so that a bad one costs no other; one that was cut off is left out. */
    static Found read(Path file) {
        List<JournalLine> lines = new ArrayList<>();
        int damaged = 0;
        byte[] all = bytes(file);
        int from = 0;
        for (int i = 0; i < all.length; i++) {
            if (all[i] == '\n') {
                try {
                    lines.add(JournalLine.parse(text(all, from, i)));
                } catch (CharacterCodingException | RuntimeException e) {
                    damaged++;
                }
                from = i + 1;
            }
        }
        return new Found(lines, damaged);
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
        } catch (IOException e) {
            throw new UncheckedIOException("The journal " + file + " cannot be read", e);
        }
    }

    private static String text(byte[] all, int from, int to) throws CharacterCodingException {
        return StandardCharsets.UTF_8
                .newDecoder()
                .decode(ByteBuffer.wrap(all, from, to - from))
                .toString();
    }

    void append(String line) {
        waiting.add(line);
        write();
    }

    /** Writes what waits, and brings it onto the disk when that was long ago. */
    void write() {
        try {
            FileChannel open = opened();
            while (!waiting.isEmpty()) {
                ByteBuffer bytes = ByteBuffer.wrap((waiting.peek() + "\n").getBytes(StandardCharsets.UTF_8));
                long at = good;
                while (bytes.hasRemaining()) {
                    at += open.write(bytes, at);
                }
                good = at;
                waiting.remove();
                dirty = true;
            }
            long now = System.nanoTime();
            if (dirty && now - forcedNanos >= FORCE_NANOS) {
                open.force(false);
                forcedNanos = now;
                dirty = false;
            }
            trouble = null;
        } catch (IOException e) {
            // a line that was written half is written again over itself
            trouble = e.getMessage() == null ? e.toString() : e.getMessage();
        }
    }

    private FileChannel opened() throws IOException {
        if (channel == null) {
            Files.createDirectories(file.getParent());
            FileChannel open = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            try {
                good = wholeLines(open);
            } catch (IOException e) {
                // not half begun: the next try would write over what is there
                open.close();
                throw e;
            }
            channel = open;
        }
        return channel;
    }

    /** Where the last whole line ends: what a cut-off one left behind is written over. */
    private long wholeLines(FileChannel open) throws IOException {
        long size = Files.isRegularFile(file) ? open.size() : 0;
        byte[] all = size == 0 ? new byte[0] : Files.readAllBytes(file);
        int end = all.length;
        while (end > 0 && all[end - 1] != '\n') {
            end--;
        }
        if (end < all.length) {
            open.truncate(end);
        }
        return end;
    }

    /** Why lines wait in memory; empty when all is on disk. */
    Optional<String> trouble() {
        return Optional.ofNullable(trouble);
    }

    int waiting() {
        return waiting.size();
    }

    /** Ends the journal: nothing of it is needed any more. */
    void remove() {
        close();
        waiting.clear();
        good = 0;
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            trouble = e.getMessage();
        }
    }

    @Override
    public void close() {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException e) {
            trouble = e.getMessage();
        } finally {
            channel = null;
        }
    }
}
