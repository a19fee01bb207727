package barrowmist.server.sample;

import barrowmist.core.check.LimitFact;
import barrowmist.core.sample.BenchJudgement;
import barrowmist.core.sample.BenchLimits;
import barrowmist.server.web.InputProblems;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Judges what lies on the bench. */
@RestController
class BenchController {

    private final BenchVerdicts verdicts;

    BenchController(BenchVerdicts verdicts) {
        this.verdicts = verdicts;
    }

    /** Limits as edited; {@code version} is the one they were changed from. */
    record KeptBenchLimits(
            @JsonUnwrapped BenchLimits limits, @Nullable Long version) {}

    /** Whether a sample is fit to be cupped; {@code notes} have no limit. */
    record BenchVerdict(
            BenchJudgement.Verdict verdict, String text, List<BenchJudgement.Check> checks, List<String> notes) {}

    @GetMapping("/api/roasts/{id}/sample/verdict")
    BenchVerdict verdict(@PathVariable long id) {
        BenchJudgement judged = verdicts.judge(id);
        return new BenchVerdict(judged.verdict(), judged.text(), judged.checks(), verdicts.notes(id));
    }

    @GetMapping("/api/bench/limits")
    KeptBenchLimits limits() {
        return verdicts.keptLimits();
    }

    /** Where each of them begins, and by what right. */
    @GetMapping("/api/bench/limits/facts")
    List<LimitFact> benchLimitFacts() {
        return LimitFact.of(BenchLimits.DEFAULTS);
    }

    @PutMapping("/api/bench/limits")
    KeptBenchLimits keepLimits(@RequestBody KeptBenchLimits changed) {
        InputProblems.refuseIfAny(changed.limits().problems());
        return verdicts.keep(changed);
    }
}
