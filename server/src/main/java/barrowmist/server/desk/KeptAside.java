package barrowmist.server.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.desk.JournalLine;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.server.disk.DataFolder;
import barrowmist.server.notice.Notice;
import barrowmist.server.notice.NoticeSource;
import barrowmist.server.web.NotFound;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * Journals that could not be taken up as they were. Nothing of them is thrown away: the file is kept aside under another
 * name, what can be read of its readings lies beside it as a roast log, and both are named on screen until somebody has
 * read that.
 */
@Component
class KeptAside implements NoticeSource {

    private static final String ASIDE = ".aside";
    private static final String LOG = ".csv";
    private static final Pattern NAME = Pattern.compile("desk-\\d+-\\d+(-lost)?");

    private final Path folder;

    KeptAside(@Value("${barrowmist.data.path}") String data) {
        this.folder = DataFolder.of(data);
    }

    /**
     * Keeps a damaged journal aside and writes what could be read of it in its place.
     *
     * @param goesOn whether its roast can be taken up; where not, its readings are written as a roast log
     */
    void keep(long machineId, Path journal, Journal.Found found, boolean goesOn) {
        String name = "desk-" + machineId + "-" + System.currentTimeMillis() + (goesOn ? "" : "-lost");
        try {
            Files.move(journal, folder.resolve(name + ASIDE), StandardCopyOption.REPLACE_EXISTING);
            if (goesOn) {
                List<String> sound =
                        found.lines().stream().map(JournalLine::text).toList();
                Files.write(journal, sound, StandardCharsets.UTF_8);
            } else {
                Files.writeString(folder.resolve(name + LOG), log(found.lines()), StandardCharsets.UTF_8);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The journal " + journal + " cannot be kept aside", e);
        }
    }

    @Override
    public List<Notice> notices() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(ASIDE))
                    .map(f -> f.substring(0, f.length() - ASIDE.length()))
                    .filter(n -> NAME.matcher(n).matches())
                    .sorted()
                    .map(this::notice)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Notice notice(String name) {
        Path file = folder.resolve(name + ASIDE);
        return name.endsWith("-lost")
                ? new Notice(
                        name,
                        "The journal of a roast was damaged so that the roast cannot go on: which sample it was is lost."
                                + " Its readings and events are kept as a roast log: fetch it, and import it to its lot."
                                + " The journal itself is kept as " + file + ".",
                        "/api/kept-aside/" + name,
                        false)
                : new Notice(
                        name,
                        "Some lines of a roast's journal could not be read. The roast goes on with all the others; the"
                                + " journal as it was is kept as " + file + ".",
                        null,
                        false);
    }

    @Override
    public void read(String name) {
        if (NAME.matcher(name).matches()) {
            try {
                Path file = folder.resolve(name + ASIDE);
                if (Files.exists(file)) {
                    Files.move(file, folder.resolve(name + ".seen"));
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The log of a roast that could not go on. */
    Resource log(String name) {
        Path file = folder.resolve(name + LOG);
        if (!NAME.matcher(name).matches() || !Files.exists(file)) {
            throw new NotFound("log kept aside called", name);
        }
        return new FileSystemResource(file);
    }

    /** Readings and events as a roast log, by what stands: an entry that was taken back is left out. */
    static String log(List<JournalLine> lines) {
        List<Integer> undone = lines.stream()
                .filter(JournalLine.Undo.class::isInstance)
                .map(l -> ((JournalLine.Undo) l).seq())
                .toList();
        List<Row> rows = new ArrayList<>();
        for (JournalLine line : lines) {
            if (line instanceof Read read) {
                rows.add(new Row(read.reading(), ""));
            } else if (line instanceof Entry e
                    && Coded.find(EventKind.class, e.kind()).isPresent()
                    && !undone.contains(e.seq())) {
                // of its own, so that it stands where it was called: the drop comes after every reading
                OptionalDouble none = OptionalDouble.empty();
                rows.add(new Row(new Reading(e.timeS(), none, none, none, none, none), e.kind()));
            }
        }
        rows.sort(Comparator.comparingDouble(r -> r.reading.timeS()));
        double firstS = rows.isEmpty() ? 0 : rows.get(0).reading.timeS();
        String head =
                "# recovered: from a damaged journal\ntime,bean_c,environment_c,gas_pct,airflow_pct,drum_rpm,event\n";
        return rows.stream().map(r -> r.text(firstS) + "\n").collect(Collectors.joining("", head, ""));
    }

    private record Row(Reading reading, String event) {

        String text(double firstS) {
            return String.join(
                    ",",
                    String.format(Locale.ROOT, "%.2f", reading.timeS() - firstS),
                    cell(reading.beanC()),
                    cell(reading.environmentC()),
                    cell(reading.gasPct()),
                    cell(reading.airflowPct()),
                    cell(reading.drumRpm()),
                    event);
        }

        private static String cell(OptionalDouble v) {
            return v.isPresent() ? String.format(Locale.ROOT, "%.1f", v.getAsDouble()) : "";
        }
    }

    /** Hands those logs out. */
    @RestController
    static class Download {
        private final KeptAside aside;

        Download(KeptAside aside) {
            this.aside = aside;
        }

        @GetMapping(path = "/api/kept-aside/{name}", produces = "text/csv")
        ResponseEntity<Resource> recoveredLog(@PathVariable String name) {
            return ResponseEntity.ok()
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".csv\"")
                    .body(aside.log(name));
        }
    }
}
