package barrowmist.core.trace;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.ChangeTrial.Wrong;
import java.util.Random;

/** Sound roasts roasted once more with one thing wrong, by more or by less. */
final class SpoiledRoasts {

    /** A roast that does not come to its temperature is dropped so long after its development, s. */
    private static final double LONGER_S = 45;

    private SpoiledRoasts() {}

    /** @param sound the roast that it would have been */
    static RoastAnalysis of(Wrong wrong, Trial day, RoastAnalysis sound, Random random) {
        double dryS = sound.figures().dryEnd().orElseThrow().timeS();
        double crackS = sound.figures().firstCrack().orElseThrow().timeS();
        double dropC = sound.figures().drop().orElseThrow().beanC();
        double developedS = sound.figures().developmentS().orElseThrow();
        double much = random.nextDouble();
        double f = answers(day.kind());
        // slow metal answers late to what is done after dry end
        boolean slow = day.kind() == DrumKind.ELECTRIC;
        double late = slow ? 2 * f : f;
        double chargeC = day.fit().batch().chargeC();
        Controls meant = RoastedPlans.held(
                NextPlan.again(sound, RoastedPlans.USUAL, day.fit().batch().greenG())
                        .orElseThrow()
                        .controls());
        Controls moved = switch (wrong) {
            case SHORT_BROWNING -> (t, c) -> more(meant.at(t, c), t >= dryS ? late * (5 + 7 * much) : 0);
            case LONG_BROWNING -> (t, c) -> more(meant.at(t, c), t >= dryS ? -late * (4 + 4 * much) : 0);
            case FAST_AT_CRACK ->
                (t, c) -> more(meant.at(t, c), t >= crackS - (slow ? 150 : 75) ? late * (8 + 10 * much) : 0);
            case EARLY_HEAT -> (t, c) -> more(meant.at(t, c), t < dryS ? f * (10 + 12 * much) : 0);
            default -> meant;
        };
        return RoastedPlans.analysis(day.again()
                .roast(
                        chargeC,
                        moved,
                        wrong == Wrong.SHORT_DEVELOPMENT
                                ? (t, c, since) -> since >= developedS - 20 - 20 * much
                                : (t, c, since) ->
                                        t > RoastedPlans.FALLING_S && c >= dropC || since >= developedS + LONGER_S,
                        RoastedPlans.NOISE_C));
    }

    /** Hot air answers to a third of what a gas drum needs; slow metal needs more. */
    private static double answers(DrumKind kind) {
        return switch (kind) {
            case GAS -> 1;
            case ELECTRIC -> 1.2;
            case HOT_AIR -> 1.0 / 3;
        };
    }

    private static ControlLevels more(ControlLevels l, double gasPct) {
        return new ControlLevels(Math.max(0, Math.min(100, l.gasPct() + gasPct)), l.airflowPct(), l.drumRpm());
    }
}
