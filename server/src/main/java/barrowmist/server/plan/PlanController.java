package barrowmist.server.plan;

import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ChargeAdvice;
import barrowmist.core.plan.DropRule;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import barrowmist.server.plan.MostLikeService.MostLikeView;
import barrowmist.server.plan.PlanViews.DropEntry;
import barrowmist.server.plan.PlanViews.FoundView;
import barrowmist.server.plan.PlanViews.PlanChange;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.plan.PlanViews.PlanView;
import barrowmist.server.plan.PlanViews.SchoolsView;
import barrowmist.server.plan.PlanViews.TranslationEntry;
import barrowmist.server.plan.PlanViews.TranslationView;
import barrowmist.server.plan.PlanViews.WhatIf;
import barrowmist.server.plan.PredictionViews.PredictionView;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plans, and what they would give. */
@RestController
@RequestMapping("/api")
class PlanController {

    private final PlanService plans;
    private final ChargeService charges;
    private final MostLikeService mostLike;
    private final WhatIfService whatIf;
    private final SchoolService schools;
    private final PlanRemoval removal;

    PlanController(
            PlanService plans,
            ChargeService charges,
            MostLikeService mostLike,
            WhatIfService whatIf,
            SchoolService schools,
            PlanRemoval removal) {
        this.removal = removal;
        this.plans = plans;
        this.charges = charges;
        this.mostLike = mostLike;
        this.whatIf = whatIf;
        this.schools = schools;
    }

    @GetMapping("/plans")
    List<PlanView> plans() {
        return plans.list();
    }

    @PostMapping("/plans")
    @ResponseStatus(HttpStatus.CREATED)
    PlanView beginPlan(@RequestBody PlanEntry entry) {
        return plans.begin(entry);
    }

    @GetMapping("/plans/{id}")
    PlanView plan(@PathVariable long id) {
        return plans.view(id);
    }

    @PutMapping("/plans/{id}")
    PlanView keepPlan(@PathVariable long id, @RequestBody PlanChange change) {
        return plans.keep(id, change);
    }

    @DeleteMapping("/plans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deletePlan(@PathVariable long id) {
        removal.delete(id);
    }

    @PostMapping("/plans/prediction")
    PredictionView predict(
            @RequestBody WhatIf tried,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return whatIf.predict(tried, new Wording(fahrenheit, per30s));
    }

    @PostMapping("/plans/search")
    FoundView search(
            @RequestBody WhatIf tried,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return whatIf.find(tried, new Wording(fahrenheit, per30s));
    }

    @PostMapping("/plans/translation")
    TranslationView translate(
            @RequestBody TranslationEntry entry,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return whatIf.translate(entry, new Wording(fahrenheit, per30s));
    }

    /** What each figure is first aimed at when it is added to a plan, by figure. */
    @GetMapping("/plan-aims")
    Map<KeyFigure, Aim> firstAims() {
        return PlanContent.firstAims();
    }

    /** What ends a roast of these targets when it is ended by this. */
    @PostMapping("/plans/drop")
    DropRule drop(@RequestBody DropEntry entry) {
        return PlanReader.drop(entry);
    }

    @GetMapping("/green-samples/{id}/charge-advice")
    ChargeAdvice chargeAdvice(
            @PathVariable long id,
            @RequestParam long machineId,
            @RequestParam(required = false) @Nullable Double greenG) {
        return charges.advice(id, machineId, greenG);
    }

    /** The greens most like a sample that a roaster has roasted. */
    @GetMapping("/green-samples/{id}/most-like")
    List<MostLikeView> mostLike(@PathVariable long id, @RequestParam long machineId) {
        return mostLike.of(id, machineId);
    }

    @GetMapping("/schools")
    SchoolsView schools() {
        return schools.all();
    }

    @PutMapping("/schools")
    SchoolsView keepSchools(@RequestBody SchoolsView changed) {
        return schools.keep(changed);
    }
}
