package barrowmist.server.decision;

import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.decision.DecisionViews.Way;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenVerdicts;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What is not known of a lot yet, and the quickest way to it. Minutes are house defaults. */
@Component
class WhatIsMissing {

    private static final int INSPECTED_MIN = 20;
    private static final int MEASURED_MIN = 2;
    private static final int COUNTED_MIN = 15;
    private static final int ROASTED_MIN = 15;
    private static final int CUPPED_MIN = 45;

    private final GreenSampleService samples;
    private final GreenVerdicts green;
    private final RoastLists roasts;
    private final CuppedSheets sheets;

    WhatIsMissing(GreenSampleService samples, GreenVerdicts green, RoastLists roasts, CuppedSheets sheets) {
        this.samples = samples;
        this.green = green;
        this.roasts = roasts;
        this.sheets = sheets;
    }

    /** In the order of the stations. */
    List<Way> of(long lotId) {
        List<Way> out = new ArrayList<>();
        GreenSampleEntity sample = samples.ofLot(lotId, Optional.empty());
        String which = sample.stage().label() + " sample.";
        if (!sample.inspected()) {
            out.add(new Way("Inspect the " + which, "green", sample.id(), INSPECTED_MIN));
        } else {
            if (samples.facts(sample).moisturePct().isEmpty()) {
                out.add(new Way("Measure the moisture of the " + which, "green", sample.id(), MEASURED_MIN));
            }
            if (green.grade(sample).isEmpty()) {
                out.add(new Way("Count the defects of the " + which, "green", sample.id(), COUNTED_MIN));
            }
        }
        List<RoastEntity> roasted = roasts.tastedOfLot(lotId);
        if (roasted.isEmpty()) {
            out.add(new Way("Roast a sample of it.", "plan", lotId, ROASTED_MIN));
        } else if (sheets.cuppedOfLot(lotId).isEmpty()) {
            long newest = roasted.stream()
                    .max(Comparator.comparing(RoastEntity::roastedAt))
                    .orElseThrow()
                    .id();
            out.add(new Way("Cup what was roasted of it.", "cupping", newest, CUPPED_MIN));
        }
        return out;
    }
}
