package barrowmist.server.supplier;

import barrowmist.core.decision.SupplierRecord.Compared;
import barrowmist.server.supplier.SupplierViews.SupplierRow;
import barrowmist.server.supplier.SupplierViews.SupplierView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SupplierController {

    private final SupplierService suppliers;

    SupplierController(SupplierService suppliers) {
        this.suppliers = suppliers;
    }

    @GetMapping("/api/suppliers")
    List<SupplierRow> suppliers() {
        return suppliers.list();
    }

    /** A supplier over time. */
    @GetMapping("/api/suppliers/{name}")
    SupplierView supplier(@PathVariable String name) {
        return suppliers.of(name);
    }

    /** Arrivals against the samples that were sent before. */
    @GetMapping("/api/suppliers/{name}/comparison")
    List<Compared> comparison(@PathVariable String name) {
        return suppliers.comparison(name);
    }
}
