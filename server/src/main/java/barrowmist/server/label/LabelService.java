package barrowmist.server.label;

import barrowmist.core.units.Wording;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.label.LabelPdf.Label;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands on the labels of samples. */
@Service
@Transactional(readOnly = true)
class LabelService {

    private final GreenSampleService samples;
    private final RoastService roasts;
    private final Clock clock;

    LabelService(GreenSampleService samples, RoastService roasts, Clock clock) {
        this.samples = samples;
        this.roasts = roasts;
        this.clock = clock;
    }

    /** @param site address of this server, before the path */
    Label ofGreen(long id, String site) {
        return label(samples.get(id), site);
    }

    Label ofRoast(long id, String site) {
        return label(roasts.get(id), site);
    }

    private Label label(RoastEntity roast, String site) {
        List<String> lines = new ArrayList<>(List.of(
                "Code R" + roast.id() + ", roast " + roast.numberInLot() + " on "
                        + roast.machine().name(),
                "Roasted " + ROASTED.format(roast.roastedAt().atZone(clock.getZone()))));
        roast.figures().drop().ifPresent(d -> lines.add(String.format(Locale.ROOT, "Dropped at %.0f °C", d.beanC())));
        lines.add("Rests in a ventilated place");
        String address = site + "/sample/" + roast.id();
        return new Label(roast.lot().name(), lines, address);
    }

    private static final DateTimeFormatter ROASTED = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private static Label label(GreenSampleEntity sample, String site) {
        var lot = sample.lot();
        var facts = sample.facts();
        List<String> lines = new ArrayList<>(List.of(
                lot.origin() + ", " + lot.process().label(),
                lot.supplier(),
                Wording.capital(sample.stage().label()) + " sample, arrived " + lot.arrivalDate()));
        facts.moisturePct().ifPresent(m -> lines.add(String.format(Locale.ROOT, "Moisture %.1f %%", m)));
        facts.densityGPerL().ifPresent(d -> lines.add(String.format(Locale.ROOT, "Density %.0f g/L", d)));
        String address = site + "/green/" + lot.id();
        return new Label(lot.name(), lines, address);
    }
}
