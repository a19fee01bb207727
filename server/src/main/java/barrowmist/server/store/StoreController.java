package barrowmist.server.store;

import barrowmist.server.store.StoreViews.CheckEntry;
import barrowmist.server.store.StoreViews.ContractTerms;
import barrowmist.server.store.StoreViews.ContractView;
import barrowmist.server.store.StoreViews.DrawEntry;
import barrowmist.server.store.StoreViews.StoreEntry;
import barrowmist.server.store.StoreViews.StoreView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StoreController {

    private final StoreService store;
    private final ContractService contracts;

    StoreController(StoreService store, ContractService contracts) {
        this.store = store;
        this.contracts = contracts;
    }

    /** A lot in the store: what is left, how it keeps, which bags were drawn. */
    @GetMapping("/api/lots/{id}/store")
    StoreView store(@PathVariable long id) {
        return store.of(id);
    }

    @PutMapping("/api/lots/{id}/store")
    StoreView keep(@PathVariable long id, @RequestBody StoreEntry entry) {
        return store.keep(id, entry);
    }

    /** Measured again. */
    @PostMapping("/api/lots/{id}/store/checks")
    @ResponseStatus(HttpStatus.CREATED)
    StoreView check(@PathVariable long id, @RequestBody CheckEntry entry) {
        return store.check(id, entry);
    }

    /** Draws bags for a sample, at random. */
    @PostMapping("/api/lots/{id}/store/draws")
    @ResponseStatus(HttpStatus.CREATED)
    StoreView draw(@PathVariable long id, @RequestBody DrawEntry entry) {
        return store.draw(id, entry);
    }

    /** What was agreed for a lot. */
    @GetMapping("/api/lots/{id}/contract")
    ContractView contract(@PathVariable long id) {
        return contracts.view(id);
    }

    @PutMapping("/api/lots/{id}/contract")
    ContractView keep(@PathVariable long id, @RequestBody ContractTerms terms) {
        return contracts.keep(id, terms);
    }

    /** What every lot of a supplier begins with. */
    @GetMapping("/api/suppliers/{name}/contract")
    ContractTerms supplier(@PathVariable String name) {
        return contracts.supplier(name);
    }

    @PutMapping("/api/suppliers/{name}/contract")
    ContractTerms keep(@PathVariable String name, @RequestBody ContractTerms terms) {
        return contracts.keep(name, terms);
    }
}
