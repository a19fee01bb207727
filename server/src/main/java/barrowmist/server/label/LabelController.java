package barrowmist.server.label;

import barrowmist.core.units.Wording;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.label.LabelPdf.Label;
import barrowmist.server.label.LabelPdf.Size;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Labels of green samples for tray and bag. */
@RestController
class LabelController {

    private final GreenSampleService samples;
    private final RoastService roasts;
    private final Clock clock;

    LabelController(GreenSampleService samples, RoastService roasts, Clock clock) {
        this.samples = samples;
        this.roasts = roasts;
        this.clock = clock;
    }

    @GetMapping(value = "/api/green-samples/{id}/label.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> label(
            @PathVariable long id, @RequestParam(defaultValue = "tray") String size, HttpServletRequest request) {
        GreenSampleEntity sample = samples.get(id);
        Size paper = switch (size) {
            case "tray" -> Size.TRAY;
            case "bag" -> Size.BAG;
            default -> throw new InputProblems("size", "size is \"" + size + "\", expected tray or bag");
        };
        byte[] pdf = LabelPdf.write(List.of(label(sample, request)), paper);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"label-" + id + "-" + size + ".pdf\"")
                .body(pdf);
    }

    @GetMapping(value = "/api/roasts/{id}/label.pdf", produces = "application/pdf")
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> roastLabel(@PathVariable long id, HttpServletRequest request) {
        RoastEntity roast = roasts.get(id);
        byte[] pdf = LabelPdf.write(List.of(label(roast, request)), Size.TRAY);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"roast-" + id + ".pdf\"")
                .body(pdf);
    }

    private Label label(RoastEntity roast, HttpServletRequest request) {
        List<String> lines = new ArrayList<>(List.of(
                "Code R" + roast.id() + ", roast " + roast.numberInLot() + " on "
                        + roast.machine().name(),
                "Roasted " + ROASTED.format(roast.roastedAt().atZone(clock.getZone()))));
        roast.figures().drop().ifPresent(d -> lines.add(String.format(Locale.ROOT, "Dropped at %.0f °C", d.beanC())));
        lines.add("Rests in a ventilated place");
        String address = ServletUriComponentsBuilder.fromContextPath(request)
                .path("/sample/{roast}")
                .buildAndExpand(roast.id())
                .toUriString();
        return new Label(roast.lot().name(), lines, address);
    }

    private static final DateTimeFormatter ROASTED = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private static Label label(GreenSampleEntity sample, HttpServletRequest request) {
        var lot = sample.lot();
        var facts = sample.facts();
        List<String> lines = new ArrayList<>(List.of(
                lot.origin() + ", " + lot.process().label(),
                lot.supplier(),
                Wording.capital(sample.stage().label()) + " sample, arrived " + lot.arrivalDate()));
        facts.moisturePct().ifPresent(m -> lines.add(String.format(Locale.ROOT, "Moisture %.1f %%", m)));
        facts.densityGPerL().ifPresent(d -> lines.add(String.format(Locale.ROOT, "Density %.0f g/L", d)));
        String address = ServletUriComponentsBuilder.fromContextPath(request)
                .path("/green/{lot}")
                .buildAndExpand(lot.id())
                .toUriString();
        return new Label(lot.name(), lines, address);
    }
}
