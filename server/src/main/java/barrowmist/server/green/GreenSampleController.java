package barrowmist.server.green;

import barrowmist.core.check.LimitFact;
import barrowmist.core.green.GreenLimits;
import barrowmist.server.green.GreenViews.GreenSampleEntry;
import barrowmist.server.green.GreenViews.GreenSampleView;
import barrowmist.server.green.GreenViews.GreenWordsView;
import barrowmist.server.green.GreenViews.InspectionEntry;
import barrowmist.server.green.GreenViews.InspectionView;
import barrowmist.server.green.GreenViews.KeptGreenLimits;
import barrowmist.server.green.GreenViews.StagesView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Samples of lots, their inspections, and the limits they are judged by. */
@RestController
@RequestMapping("/api")
class GreenSampleController {

    private final GreenSampleService samples;
    private final GreenVerdicts verdicts;
    private final GreenLimitsService limits;

    GreenSampleController(GreenSampleService samples, GreenVerdicts verdicts, GreenLimitsService limits) {
        this.verdicts = verdicts;
        this.samples = samples;
        this.limits = limits;
    }

    @GetMapping("/green-samples")
    List<GreenSampleView> greenSamples() {
        return samples.list();
    }

    @GetMapping("/lots/{lotId}/samples")
    List<GreenSampleView> samplesOfLot(@PathVariable long lotId) {
        return samples.ofLot(lotId);
    }

    @PostMapping("/lots/{lotId}/samples")
    @ResponseStatus(HttpStatus.CREATED)
    GreenSampleView addSample(@PathVariable long lotId, @RequestBody GreenSampleEntry entry) {
        return samples.add(lotId, entry);
    }

    @GetMapping("/lots/{lotId}/stages")
    List<StagesView> stages(@PathVariable long lotId) {
        return verdicts.stages(lotId);
    }

    @GetMapping("/green-samples/{id}/inspection")
    InspectionView inspection(@PathVariable long id) {
        return samples.view(id);
    }

    @PutMapping("/green-samples/{id}/inspection")
    InspectionView keepInspection(@PathVariable long id, @RequestBody InspectionEntry entry) {
        return samples.keep(id, entry);
    }

    @GetMapping("/green-words")
    GreenWordsView words() {
        return GreenWordsView.all();
    }

    @GetMapping("/green-limits")
    KeptGreenLimits limits() {
        return limits.kept();
    }

    /** Where each of them begins, and by what right. */
    @GetMapping("/green-limits/facts")
    List<LimitFact> limitFacts() {
        return LimitFact.of(GreenLimits.DEFAULTS);
    }

    @PutMapping("/green-limits")
    KeptGreenLimits keepLimits(@RequestBody KeptGreenLimits changed) {
        return limits.keep(changed);
    }
}
