package barrowmist.server.trace;

import barrowmist.server.trace.RuleViews.RulesEntry;
import barrowmist.server.trace.RuleViews.RulesView;
import barrowmist.server.trace.RuleViews.RulesWhatIf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The rules that the traces go by. */
@RestController
class RuleController {

    private final RuleService rules;
    private final RuleTrial trial;

    RuleController(RuleService rules, RuleTrial trial) {
        this.rules = rules;
        this.trial = trial;
    }

    @GetMapping("/api/rules")
    RulesView rules() {
        return rules.view();
    }

    @PutMapping("/api/rules")
    RulesView change(@RequestBody RulesEntry entry) {
        return rules.change(entry);
    }

    /** What the changes would make of past findings; nothing is kept, and no reason is wanted yet. */
    @PostMapping("/api/rules/what-if")
    RulesWhatIf whatIf(@RequestBody RulesEntry entry) {
        return trial.whatIf(entry);
    }
}
