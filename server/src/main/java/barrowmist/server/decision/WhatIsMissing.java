package barrowmist.server.decision;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.decision.Unknown;
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

/** What is not known of a lot yet, and the quickest way to it. */
@Component
class WhatIsMissing {

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
        String stage = sample.stage().label();
        if (!sample.inspected()) {
            out.add(Way.to(Unknown.INSPECTION, stage, sample.id()));
        } else {
            if (samples.facts(sample).moisturePct().isEmpty()) {
                out.add(Way.to(Unknown.MOISTURE, stage, sample.id()));
            }
            if (green.grade(sample).isEmpty()) {
                out.add(Way.to(Unknown.DEFECTS, stage, sample.id()));
            }
        }
        List<RoastEntity> roasted = roasts.tastedOfLot(lotId);
        if (roasted.isEmpty()) {
            out.add(Way.to(Unknown.ROAST, stage, lotId));
        } else if (sheets.ofLot(lotId, CupUse.DECISION).counted().isEmpty()) {
            roasted.stream()
                    .max(Comparator.comparing(RoastEntity::roastedAt))
                    .ifPresent(newest -> out.add(Way.to(Unknown.CUP, stage, newest.id())));
        }
        return out;
    }
}
