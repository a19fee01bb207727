package barrowmist.server.decision;

import barrowmist.core.decision.DecisionRules;
import barrowmist.server.trace.RuleService;
import org.springframework.stereotype.Component;

/** By what the house decides on lots, as the lead has set it; a contract may say otherwise. */
@Component
public class HouseRules {

    private final RuleService rules;

    HouseRules(RuleService rules) {
        this.rules = rules;
    }

    public DecisionRules now() {
        return DecisionRules.of(rules.current().rules());
    }
}
