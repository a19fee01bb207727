package barrowmist.server.correct;

import barrowmist.server.correct.Removal.PutAside;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CorrectionController {

    private final Removal removal;
    private final LotMerge merge;

    CorrectionController(Removal removal, LotMerge merge) {
        this.removal = removal;
        this.merge = merge;
    }

    /** Whether lists leave something out. */
    record AsideEntry(boolean aside) {}

    /** Into which lot another goes. */
    record MergeEntry(long into) {}

    /** What was put aside. */
    @GetMapping("/api/put-aside")
    List<PutAside> putAside() {
        return removal.all();
    }

    @PostMapping("/api/lots/{id}/merged")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void merge(@PathVariable long id, @RequestBody MergeEntry entry) {
        merge.merge(id, entry.into());
    }

    @DeleteMapping("/api/lots/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteLot(@PathVariable long id) {
        removal.delete(Thing.LOT, id);
    }

    @DeleteMapping("/api/cuppings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteTable(@PathVariable long id) {
        removal.delete(Thing.TABLE, id);
    }

    @DeleteMapping("/api/machines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRoaster(@PathVariable long id) {
        removal.delete(Thing.ROASTER, id);
    }

    @PutMapping("/api/lots/{id}/aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putLotAside(@PathVariable long id, @RequestBody AsideEntry entry) {
        removal.putAside(Thing.LOT, id, entry.aside());
    }

    @PutMapping("/api/cuppings/{id}/aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putTableAside(@PathVariable long id, @RequestBody AsideEntry entry) {
        removal.putAside(Thing.TABLE, id, entry.aside());
    }

    @PutMapping("/api/machines/{id}/aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putRoasterAside(@PathVariable long id, @RequestBody AsideEntry entry) {
        removal.putAside(Thing.ROASTER, id, entry.aside());
    }

    @PutMapping("/api/plans/{id}/aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putPlanAside(@PathVariable long id, @RequestBody AsideEntry entry) {
        removal.putAside(Thing.PLAN, id, entry.aside());
    }
}
