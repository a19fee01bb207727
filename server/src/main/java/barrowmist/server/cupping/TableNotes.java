package barrowmist.server.cupping;

import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Whatever is to be said of a whole table. */
@Service
@KeptInTurn
class TableNotes {

    private final Tables tables;

    TableNotes(Tables tables) {
        this.tables = tables;
    }

    /** Nothing takes it back. */
    void keep(long id, @Nullable String note) {
        String text = note == null ? "" : note.strip();
        if (text.length() > SheetReader.LONGEST_NOTE) {
            throw new InputProblems(
                    "note",
                    "A note has " + text.length() + " characters, at most " + SheetReader.LONGEST_NOTE + " are kept");
        }
        tables.get(id).setNote(text.isEmpty() ? null : text);
    }
}
