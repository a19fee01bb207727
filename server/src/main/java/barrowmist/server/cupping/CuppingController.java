package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.KeyViews.TableKey;
import barrowmist.server.cupping.PanelViews.PanelView;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.NoteEntry;
import barrowmist.server.cupping.TableEntries.PlaceEntry;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableEntries.SealEntry;
import barrowmist.server.cupping.TableViews.CuppingView;
import barrowmist.server.cupping.TableViews.RestWarning;
import barrowmist.server.cupping.TableViews.TableKindView;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class CuppingController {

    private final CuppingService cuppings;
    private final SheetService sheets;
    private final PanelService panels;
    private final UndersideService undersides;
    private final TableNotes notes;
    private final TableKeys keys;
    private final EarlierPreparations preparations;
    private final SheetCorrections corrections;

    CuppingController(
            CuppingService cuppings,
            SheetService sheets,
            PanelService panels,
            UndersideService undersides,
            TableNotes notes,
            TableKeys keys,
            EarlierPreparations preparations,
            SheetCorrections corrections) {
        this.corrections = corrections;
        this.preparations = preparations;
        this.notes = notes;
        this.keys = keys;
        this.undersides = undersides;
        this.panels = panels;
        this.sheets = sheets;
        this.cuppings = cuppings;
    }

    /** What a table may be laid for, and with how many samples. */
    @GetMapping("/table-kinds")
    List<TableKindView> kinds() {
        return Arrays.stream(TableKind.values()).map(TableKindView::of).toList();
    }

    /** What would have to be said before the pour of a table that is laid like this; nothing is kept. */
    @PostMapping("/table-warnings")
    List<RestWarning> warnings(@RequestBody CuppingEntry entry) {
        return cuppings.warnings(entry);
    }

    /** How the next table would be prepared; for a bowl of so much water, or from so much coffee, by the published ratio. */
    @GetMapping("/table-preparation")
    Preparation preparation(
            @RequestParam(required = false) @Nullable Double waterMl,
            @RequestParam(required = false) @Nullable Double doseG) {
        return preparations.next().fitted(waterMl, doseG);
    }

    @GetMapping("/cuppings")
    List<CuppingView> cuppings() {
        return cuppings.list();
    }

    @GetMapping("/cuppings/{id}")
    CuppingView cupping(@PathVariable long id) {
        return cuppings.get(id);
    }

    /** Whatever is to be said of the whole table. */
    @PutMapping("/cuppings/{id}/note")
    CuppingView keepNote(@PathVariable long id, @RequestBody NoteEntry entry) {
        notes.keep(id, entry);
        return cuppings.get(id);
    }

    @PostMapping("/cuppings")
    @ResponseStatus(HttpStatus.CREATED)
    CuppingView open(@RequestBody CuppingEntry entry) {
        return cuppings.open(entry);
    }

    @PostMapping("/cuppings/{id}/sheets")
    @ResponseStatus(HttpStatus.CREATED)
    SheetView addSheet(@PathVariable long id, @RequestBody SheetEntry entry) {
        return sheets.add(id, entry);
    }

    @GetMapping("/cuppings/{id}/sheets/{sheetId}")
    SheetView sheet(@PathVariable long id, @PathVariable long sheetId) {
        return sheets.get(id, sheetId);
    }

    @PutMapping("/cuppings/{id}/sheets/{sheetId}")
    SheetView changeSheet(@PathVariable long id, @PathVariable long sheetId, @RequestBody SheetEntry entry) {
        return sheets.change(id, sheetId, entry);
    }

    /** Mends a sheet after the reveal, with a reason; what was given stays beside it. */
    @PostMapping("/cuppings/{id}/sheets/{sheetId}/correction")
    SheetView correct(
            @PathVariable long id, @PathVariable long sheetId, @RequestBody SheetCorrections.MendedSheetEntry entry) {
        return corrections.correct(id, sheetId, entry);
    }

    @GetMapping("/cuppings/{id}/corrections")
    List<SheetCorrections.MendedSheetView> corrections(@PathVariable long id) {
        return corrections.of(id);
    }

    /** When a table was cupped, such as one on paper last week. */
    record TableTime(@Nullable Instant cuppedAt) {}

    @PutMapping("/cuppings/{id}/time")
    CuppingView cuppedAt(@PathVariable long id, @RequestBody TableTime time) {
        return cuppings.cuppedAt(id, time.cuppedAt());
    }

    @GetMapping("/cuppings/{id}/key")
    TableKey key(@PathVariable long id) {
        return cuppings.key(id);
    }

    /** A lead who cups puts the key away from themselves. */
    @PutMapping("/cuppings/{id}/seal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seal(@PathVariable long id) {
        keys.seal(id);
    }

    /** The key is fetched all the same, and why. */
    @PostMapping("/cuppings/{id}/seal/break")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void breakSeal(@PathVariable long id, @RequestBody SealEntry entry) {
        keys.breakSeal(id, entry);
    }

    /** What stands at each place of a table that was shuffled by hand. */
    @PutMapping("/cuppings/{id}/places")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void match(@PathVariable long id, @RequestBody List<PlaceEntry> places) {
        undersides.match(id, places);
    }

    @PostMapping("/cuppings/{id}/reveal")
    CuppingView reveal(@PathVariable long id, @RequestBody RevealEntry entry) {
        return cuppings.reveal(id, entry);
    }

    @GetMapping("/cuppings/{id}/panel")
    PanelView panel(@PathVariable long id, @RequestParam(required = false) @Nullable CuppingForm form) {
        return panels.panel(id, form);
    }
}
