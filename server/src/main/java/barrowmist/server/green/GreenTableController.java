package barrowmist.server.green;

import barrowmist.server.green.GreenViews.GreenImportView;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Lots and inspections as one table, out and in. */
@RestController
class GreenTableController {

    private final GreenTableService table;

    GreenTableController(GreenTableService table) {
        this.table = table;
    }

    @GetMapping(value = "/api/lots.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> exportLots() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"lots.csv\"")
                .body(table.write());
    }

    @PostMapping(value = "/api/lots.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    GreenImportView importLots(@RequestBody byte[] file) {
        return table.read(file);
    }
}
