package barrowmist.server.label;

import barrowmist.server.label.LabelPdf.Size;
import barrowmist.server.web.InputProblems;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Labels of green samples for tray and bag. */
@RestController
class LabelController {

    private final LabelService labels;

    LabelController(LabelService labels) {
        this.labels = labels;
    }

    @GetMapping(value = "/api/green-samples/{id}/label.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> label(
            @PathVariable long id, @RequestParam(defaultValue = "tray") String size, HttpServletRequest request) {
        Size paper = switch (size) {
            case "tray" -> Size.TRAY;
            case "bag" -> Size.BAG;
            default -> throw new InputProblems("size", "size is \"" + size + "\", expected tray or bag");
        };
        byte[] pdf = LabelPdf.write(List.of(labels.ofGreen(id, site(request))), paper);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"label-" + id + "-" + size + ".pdf\"")
                .body(pdf);
    }

    @GetMapping(value = "/api/roasts/{id}/label.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> roastLabel(@PathVariable long id, HttpServletRequest request) {
        byte[] pdf = LabelPdf.write(List.of(labels.ofRoast(id, site(request))), Size.TRAY);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"roast-" + id + ".pdf\"")
                .body(pdf);
    }

    private static String site(HttpServletRequest request) {
        return ServletUriComponentsBuilder.fromContextPath(request).toUriString();
    }
}
