package barrowmist.core.decision;

import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.decision.MeasuredReasons.Standing;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Evidence.Source;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Proposes what to do with a lot, as a careful lead would: a fault of one roast is no fault of the lot; what is in all cups is
 * not what is in one; two cuppings of five cups do not tell 83.5 from 84. Pure.
 */
public final class Proposals {

    private static final Set<Cause> OF_THE_ROAST = EnumSet.of(
            Cause.BAKED,
            Cause.SCORCHED,
            Cause.TIPPED,
            Cause.UNDERDEVELOPED,
            Cause.OVERDEVELOPED,
            Cause.TART,
            Cause.MUTED,
            Cause.UNEVEN);
    private static final Set<Cause> OF_THE_GREEN =
            EnumSet.of(Cause.GREEN_MOULD, Cause.GREEN_FERMENT, Cause.GREEN_PHENOL, Cause.GREEN_POTATO, Cause.PAST_CROP);

    private final LotEvidence lot;
    private final DecisionRules rules;
    private final List<Reason> reasons = new ArrayList<>();

    private Proposals(LotEvidence lot, DecisionRules rules) {
        this.lot = lot;
        this.rules = rules;
    }

    public static Proposal of(LotEvidence lot, DecisionRules rules) {
        Proposals p = new Proposals(lot, rules);
        return new Proposal(p.outcome(), List.copyOf(p.reasons));
    }

    private Outcome outcome() {
        Standing green = new MeasuredReasons(lot, reasons).standing();
        if (lot.measured().stream().anyMatch(j -> j.verdict() == Verdict.STOP)) {
            return Outcome.REJECT;
        }
        Optional<Outcome> fault = green();
        if (fault.isPresent()) {
            return fault.get();
        }
        if (lot.roasts().isEmpty()) {
            reasons.add(Reason.bad(Source.CUP, "Nothing of it was cupped yet."));
            return green == Standing.NOT_MEASURED || green == Standing.WITHIN ? Outcome.UNDECIDED : Outcome.HOLD;
        }
        List<CuppedRoast> clean =
                lot.roasts().stream().filter(r -> r.cause().isEmpty()).toList();
        if (clean.isEmpty()) {
            return again();
        }
        faultsOfSingleRoasts(clean.size());
        Outcome cup = new ScoreReasons(rules, reasons).outcome(clean);
        return cup == Outcome.BUY ? withGreen(green) : cup;
    }

    /** What a good cup comes to, as the green stands. */
    private Outcome withGreen(Standing green) {
        boolean another = lot.sameAsBefore().filter(Difference::shown).isPresent();
        return switch (green) {
            case NOT_AS_AGREED -> Outcome.CLAIM;
            case WITHIN -> another ? Outcome.HOLD : Outcome.BUY;
            case OUTSIDE -> {
                reasons.add(Reason.bad(
                        Source.GREEN,
                        "Nothing was agreed about this: a claim has no ground. Decide whether you take it as it is."));
                yield Outcome.HOLD;
            }
            case NOT_MEASURED -> {
                int minutes = Unknown.INSPECTION.minutes();
                reasons.add(Reason.bad(
                        Source.GREEN,
                        "Nothing of the green was measured: smell, moisture and defects take about %d minutes, and then"
                                        .formatted(minutes)
                                + " it can be bought."));
                yield Outcome.HOLD;
            }
        };
    }

    /** A fault of the green: in most of the roasts it is the lot's; in some, and quakers, it may be sorted out. */
    private Optional<Outcome> green() {
        List<CuppedRoast> faulty = with(OF_THE_GREEN);
        int of = lot.roasts().size();
        if (!faulty.isEmpty()) {
            String what = faulty.get(0).cause().orElseThrow().label();
            boolean borneOut = faulty.stream().anyMatch(CuppedRoast::borneOut);
            reasons.add(
                    0,
                    Reason.bad(
                            Source.CUP, "%s in %d of %d cupped roasts.".formatted(capital(what), faulty.size(), of)));
            if (faulty.stream()
                    .anyMatch(r -> r.cause().filter(Cause.GREEN_MOULD::equals).isPresent())) {
                reasons.add(
                        Reason.bad(
                                Source.GREEN,
                                "Mould can leave ochratoxin, which no cup tells and roasting does not take away for sure: have a"
                                        + " sample tested by a laboratory before any of it is sold. The limits are those of local food law."));
            }
            boolean whole = (double) faulty.size() / of >= rules.wholeLotShare();
            if (whole && borneOut) {
                return Optional.of(Outcome.REJECT);
            }
            reasons.add(Reason.good(
                    Source.CUP,
                    whole
                            ? "Nothing beside the cup bears it out yet: cup it once more."
                            : "Not in all of them: it may be a bag, or single beans. Beans with mould, ferment, phenol or the"
                                    + " potato defect mostly look sound and cannot be sorted out by eye."));
            return Optional.of(Outcome.HOLD);
        }
        List<CuppedRoast> quakers = with(EnumSet.of(Cause.QUAKERS));
        if (quakers.isEmpty()) {
            return Optional.empty();
        }
        reasons.add(0, Reason.bad(Source.CUP, "Quakers in %d of %d cupped roasts.".formatted(quakers.size(), of)));
        reasons.add(Reason.good(
                Source.CUP,
                "Quakers can be sorted out by eye: sort a sample by hand, and cup it blind beside the unsorted."
                        + sortingCosts()));
        return Optional.of(Outcome.HOLD);
    }

    /** About what a bean weighs once it is roasted, g (common practice, no published source). */
    private static final double BEAN_G = 0.13;

    private static final double OF_G = 100;

    private String sortingCosts() {
        if (lot.quakersPer100g().isEmpty() || lot.quakersPer100g().getAsInt() == 0 || lot.kg() <= 0) {
            return "";
        }
        int counted = lot.quakersPer100g().getAsInt();
        double kg = lot.kg() * counted * BEAN_G / OF_G;
        return String.format(
                Locale.ROOT, " It would cost about %.1f of %.0f kg (%d picked from 100 g).", kg, lot.kg(), counted);
    }

    private List<CuppedRoast> with(Set<Cause> causes) {
        return lot.roasts().stream()
                .filter(r -> r.cause().filter(causes::contains).isPresent())
                .toList();
    }

    /** No roast of it was clean: the roast, or the table, has not let the lot speak. */
    private Outcome again() {
        List<CuppedRoast> roast = with(OF_THE_ROAST);
        if (!roast.isEmpty()) {
            CuppedRoast last = roast.get(roast.size() - 1);
            reasons.add(Reason.bad(
                    Source.LOG,
                    "%s is %s: a fault of the roast is no ground to reject the lot."
                            .formatted(last.title(), last.cause().orElseThrow().label())));
            return Outcome.ROAST_AGAIN;
        }
        CuppedRoast last = lot.roasts().get(lot.roasts().size() - 1);
        reasons.add(Reason.bad(
                Source.TABLE,
                "%s is %s: cup it again before anything is said of the lot."
                        .formatted(last.title(), last.cause().orElseThrow().label())));
        return Outcome.HOLD;
    }

    private void faultsOfSingleRoasts(int clean) {
        for (CuppedRoast r : lot.roasts()) {
            r.cause()
                    .ifPresent(c -> reasons.add(Reason.good(
                            Source.LOG,
                            "%s is %s; %d other %s clean: that roast, and not the lot."
                                    .formatted(
                                            r.title(),
                                            c.label(),
                                            clean,
                                            clean == 1 ? "roast of it is" : "roasts of it are"))));
        }
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
