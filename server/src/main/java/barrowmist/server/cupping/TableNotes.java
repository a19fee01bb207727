package barrowmist.server.cupping;

import barrowmist.server.cupping.TableEntries.NoteEntry;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** Whatever is to be said of a whole table. */
@Service
@KeptInTurn
class TableNotes {

    private final Tables tables;

    TableNotes(Tables tables) {
        this.tables = tables;
    }

    /**
     * Nothing takes it back.
     *
     * @throws Conflict if somebody else wrote another in the meantime
     */
    void keep(long id, NoteEntry entry) {
        CuppingEntity table = tables.get(id);
        String text = entry.note() == null ? "" : entry.note().strip();
        if (entry.before() != null && !entry.before().strip().equals(Objects.requireNonNullElse(table.note(), ""))) {
            throw new Conflict(
                    "Somebody else wrote a note here in the meantime. Nothing was overwritten.",
                    Map.of("note", Objects.requireNonNullElse(table.note(), "")));
        }
        if (text.length() > SheetReader.LONGEST_NOTE) {
            throw new InputProblems(
                    "note",
                    "A note has " + text.length() + " characters, at most " + SheetReader.LONGEST_NOTE + " are kept");
        }
        table.setNote(text.isEmpty() ? null : text);
    }
}
