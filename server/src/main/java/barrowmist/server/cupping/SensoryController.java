package barrowmist.server.cupping;

import barrowmist.server.cupping.PreferenceViews.GuessEntry;
import barrowmist.server.cupping.PreferenceViews.PreferenceView;
import barrowmist.server.cupping.PreferenceViews.RankingEntry;
import barrowmist.server.cupping.SensoryViews.AnswerEntry;
import barrowmist.server.cupping.SensoryViews.DifferenceView;
import barrowmist.server.cupping.SensoryViews.SetView;
import barrowmist.server.cupping.SensoryViews.TrianglePlanView;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Is there a difference, and which is liked. */
@RestController
@RequestMapping("/api")
class SensoryController {

    private final DifferenceService differences;
    private final PreferenceService preferences;
    private final GuessService guesses;

    SensoryController(DifferenceService differences, PreferenceService preferences, GuessService guesses) {
        this.guesses = guesses;
        this.differences = differences;
        this.preferences = preferences;
    }

    /** What so many sets can show, before they are served. */
    @GetMapping("/triangle-plan")
    TrianglePlanView trianglePlan(
            @RequestParam(required = false) @Nullable Integer sets,
            @RequestParam(required = false) @Nullable Double share) {
        return DifferenceService.plan(sets, share);
    }

    @PostMapping("/cuppings/{id}/answers")
    @ResponseStatus(HttpStatus.CREATED)
    SetView answer(@PathVariable long id, @RequestBody AnswerEntry entry) {
        return differences.answer(id, entry);
    }

    /** Counts the answers, which are fixed from then on. */
    @PostMapping("/cuppings/{id}/difference")
    DifferenceView count(@PathVariable long id) {
        return differences.count(id);
    }

    @GetMapping("/cuppings/{id}/difference")
    DifferenceView difference(@PathVariable long id) {
        return differences.difference(id);
    }

    @PostMapping("/cuppings/{id}/rankings")
    @ResponseStatus(HttpStatus.CREATED)
    RankingEntry rank(@PathVariable long id, @RequestBody RankingEntry entry) {
        return preferences.rank(id, entry);
    }

    /** What somebody thinks of the green before the roasts are tasted. */
    @PostMapping("/cuppings/{id}/guesses")
    @ResponseStatus(HttpStatus.CREATED)
    GuessEntry guess(@PathVariable long id, @RequestBody GuessEntry entry) {
        return guesses.guess(id, entry);
    }

    @GetMapping("/cuppings/{id}/preference")
    PreferenceView preference(@PathVariable long id) {
        return preferences.preference(id);
    }
}
