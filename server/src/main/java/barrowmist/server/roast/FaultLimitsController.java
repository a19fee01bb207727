package barrowmist.server.roast;

import barrowmist.core.check.LimitFact;
import barrowmist.core.roast.FaultSettings;
import barrowmist.server.roast.FaultLimitsService.KeptFaultLimits;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The limits by which a rate of rise is called faulty. */
@RestController
@RequestMapping("/api/fault-limits")
class FaultLimitsController {

    private final FaultLimitsService limits;

    FaultLimitsController(FaultLimitsService limits) {
        this.limits = limits;
    }

    @GetMapping
    KeptFaultLimits faultLimits() {
        return limits.kept();
    }

    /** Where each of them begins, and by what right. */
    @GetMapping("/facts")
    List<LimitFact> faultLimitFacts() {
        return LimitFact.of(FaultSettings.DEFAULTS);
    }

    /** Keeps changed limits; every roast is judged anew by them, in a moment. */
    @PutMapping
    KeptFaultLimits keepFaultLimits(@RequestBody KeptFaultLimits changed) {
        return limits.keep(changed);
    }
}
