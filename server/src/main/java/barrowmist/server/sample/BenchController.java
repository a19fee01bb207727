package barrowmist.server.sample;

import barrowmist.core.check.Checks;
import barrowmist.core.sample.BenchJudgement;
import barrowmist.core.sample.BenchLimits;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Codes;
import barrowmist.server.web.InputProblems;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Judges what lies on the bench. */
@RestController
class BenchController {

    private final BenchVerdicts verdicts;
    private final RoastService roasts;

    BenchController(BenchVerdicts verdicts, RoastService roasts) {
        this.verdicts = verdicts;
        this.roasts = roasts;
    }

    /** Whether a sample is fit: {@code fit}, {@code roast-again} or {@code measure}. */
    record BenchVerdict(String verdict, String text, List<BenchCheck> checks) {}

    /** One figure: {@code inside}, {@code outside} or {@code not-measured}. */
    record BenchCheck(String label, String by, String wanted, String value, String standing) {}

    @GetMapping("/api/roasts/{id}/sample/verdict")
    @Transactional(readOnly = true)
    public BenchVerdict verdict(@PathVariable long id) {
        BenchJudgement judged = verdicts.judge(roasts.get(id));
        return new BenchVerdict(
                Codes.of(judged.verdict()),
                judged.text(),
                judged.checks().stream()
                        .map(c -> new BenchCheck(c.label(), c.by(), c.wanted(), c.value(), Codes.of(c.standing())))
                        .toList());
    }

    @GetMapping("/api/bench/limits")
    BenchLimits limits() {
        return verdicts.limits();
    }

    @PutMapping("/api/bench/limits")
    BenchLimits keepLimits(@RequestBody BenchLimits limits) {
        InputProblems.refuseIfAny(new Checks()
                .range("mostLossPct", "Most weight loss", limits.mostLossPct(), 1, 40, "%")
                .range("leastLossPct", "Least weight loss", limits.leastLossPct(), 0, limits.mostLossPct(), "%")
                .range("mostGap", "Ground lighter by", limits.mostGap(), 0, 40, "")
                .range("mostQuakers", "Quakers", limits.mostQuakers(), 0, 500, "in 100 g")
                .range("mostShells", "Shells", limits.mostShells(), 0, 500, "in 100 g")
                .problems());
        verdicts.keep(limits);
        return limits;
    }
}
