package barrowmist.server.roast;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RateOfRise;
import barrowmist.core.roast.RoastAim;
import barrowmist.server.web.InputProblems;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RoastController {

    private final RoastService roasts;
    private final RoastLists lists;
    private final EventCorrections corrections;
    private final RoastMoves moves;

    RoastController(RoastService roasts, RoastLists lists, EventCorrections corrections, RoastMoves moves) {
        this.moves = moves;
        this.roasts = roasts;
        this.lists = lists;
        this.corrections = corrections;
    }

    /** Where an event belongs, s since charge. */
    record EventTime(Double timeS) {}

    /** Whether a roast teaches the machine's reference. */
    record Acceptance(boolean accepted) {}

    /** What a roast was made for. */
    record RoastPurpose(@Nullable RoastAim aim) {}

    @GetMapping("/roasts")
    List<RoastView> roasts() {
        return lists.list();
    }

    /** A page of roasts, newest first; each criterion that is given narrows it. */
    @GetMapping("/roasts/search")
    RoastLists.RoastPage searchRoasts(
            @RequestParam(required = false) @Nullable Long lotId,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(required = false) @Nullable LocalDate onOrAfter,
            @RequestParam(required = false) @Nullable LocalDate onOrBefore,
            @RequestParam(required = false) @Nullable String words,
            @RequestParam(required = false) @Nullable String fault,
            @RequestParam(required = false) @Nullable String figure,
            @RequestParam(required = false) @Nullable Double min,
            @RequestParam(required = false) @Nullable Double max,
            @RequestParam(required = false) @Nullable Boolean production,
            @RequestParam(defaultValue = "false") boolean discarded,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "50") int size) {
        return lists.search(
                new RoastSearch(
                        lotId, machineId, onOrAfter, onOrBefore, words, fault, figure, min, max, production, discarded),
                page,
                size);
    }

    /** Why a roast is set aside. */
    record DiscardEntry(String reason) {}

    /**
     * Where a roast belongs, and when it was made; what is left out stays.
     *
     * @param lotId the lot of which it was roasted
     */
    record RoastPlace(@Nullable Long lotId, @Nullable Instant roastedAt) {}

    @PutMapping("/roasts/{id}/place")
    RoastView place(@PathVariable long id, @RequestBody RoastPlace place) {
        return moves.place(id, place.lotId(), place.roastedAt());
    }

    /** Other roasts that were made of the same log. */
    @GetMapping("/roasts/{id}/same-log")
    List<RoastMoves.SameLog> sameLog(@PathVariable long id) {
        return moves.sameLog(id);
    }

    @PutMapping("/roasts/{id}/discarded")
    RoastView discardRoast(@PathVariable long id, @RequestBody DiscardEntry entry) {
        return roasts.discard(id, entry.reason());
    }

    @DeleteMapping("/roasts/{id}/discarded")
    RoastView takeBackRoast(@PathVariable long id) {
        return roasts.takeBack(id);
    }

    @GetMapping("/lots/{lotId}/roasts")
    List<RoastView> roastsOfLot(@PathVariable long lotId) {
        return lists.ofLot(lotId);
    }

    @GetMapping("/roasts/{id}")
    RoastView roast(@PathVariable long id) {
        return roasts.view(id);
    }

    @GetMapping("/roasts/{id}/analysis")
    AnalysisView analysis(@PathVariable long id) {
        RoastService.Analyzed a = roasts.analyzed(id);
        return AnalysisView.of(a.analysis(), a.reference());
    }

    @GetMapping("/roasts/{id}/curve")
    CurveView curve(@PathVariable long id) {
        RoastService.Analyzed a = roasts.analyzed(id);
        return CurveView.of(a.analysis(), RateOfRise.gapS(a.analysis().log().beanC()));
    }

    @PutMapping("/roasts/{id}/events/{kind}")
    RoastView mark(@PathVariable long id, @PathVariable String kind, @RequestBody EventTime time) {
        if (time.timeS() == null) {
            throw new InputProblems("timeS", "The time is missing: seconds since charge are expected");
        }
        return corrections.mark(id, kind(kind), time.timeS());
    }

    @DeleteMapping("/roasts/{id}/events/{kind}")
    RoastView unmark(@PathVariable long id, @PathVariable String kind) {
        return corrections.unmark(id, kind(kind));
    }

    @PutMapping("/roasts/{id}/accepted")
    RoastView accept(@PathVariable long id, @RequestBody Acceptance acceptance) {
        return roasts.accept(id, acceptance.accepted());
    }

    @PutMapping("/roasts/{id}/aim")
    RoastView madeFor(@PathVariable long id, @RequestBody RoastPurpose made) {
        return roasts.madeFor(
                id,
                Optional.ofNullable(made.aim())
                        .orElseThrow(() -> new InputProblems("aim", "It is not said what the roast is made for")));
    }

    /** Whether a batch was the warm-up of its day. */
    record WarmUpEntry(boolean warmUp) {}

    @PutMapping("/roasts/{id}/warm-up")
    RoastView warmUp(@PathVariable long id, @RequestBody WarmUpEntry entry) {
        return roasts.warmUp(id, entry.warmUp());
    }

    /** Everything that a roast can be made for. */
    @GetMapping("/roast-aims")
    List<RoastAimView> aims() {
        return Arrays.stream(RoastAim.values()).map(RoastAimView::of).toList();
    }

    /** What a roast is made for, with what is right for it. */
    record RoastAimView(
            String code,
            String label,
            double shortestS,
            double longestS,
            double leastLossPct,
            double mostLossPct,
            double darkestColour,
            double lightestColour) {
        static RoastAimView of(RoastAim a) {
            RoastAim.Limits l = a.limits();
            return new RoastAimView(
                    a.code(),
                    a.label(),
                    l.shortestS(),
                    l.longestS(),
                    l.leastLossPct(),
                    l.mostLossPct(),
                    l.darkestColour(),
                    l.lightestColour());
        }
    }

    private static EventKind kind(String code) {
        return Coded.find(EventKind.class, code)
                .orElseThrow(() -> new InputProblems(
                        "kind", "kind is \"" + code + "\", expected one of " + String.join(", ", EventKind.codes())));
    }
}
