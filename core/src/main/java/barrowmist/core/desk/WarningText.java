package barrowmist.core.desk;

import barrowmist.core.roast.Clock;
import barrowmist.core.units.Wording;

/**
 * A warning in words. The answers are common practice, no published source.
 *
 * @param title what is coming
 * @param says the reading that says so
 * @param answer what is usually done about it
 */
public record WarningText(String title, String says, String answer) {

    public static WarningText of(Warning w, Wording wording) {
        String rate = wording.rate(Math.max(0, w.reading()));
        String than = wording.rate(w.against());
        return switch (w.kind()) {
            case BURNER_OFF ->
                new WarningText(
                        "Drop, burner off",
                        over(w, wording),
                        "Drop the beans into the cooler, shut the burner off, keep the fan on, stay. Smoke or fire: leave the drum"
                                + " closed, follow the machine’s manual and the fire plan, call the fire service.");
            case DROP_NOW -> new WarningText("Drop now", over(w, wording), "Drop; agitator and cooling fan on.");
            case HEAT_FAILS ->
                new WarningText(
                        "The heat is failing",
                        "The environment moves by %s, just before by %s, and nothing was done that explains it."
                                .formatted(wording.rate(w.reading()), than),
                        "Look at the burner. Flame out: close the gas, let the air clear it, relight only by the machine’s manual.");
            case CRASH ->
                w.inS() > 0
                        ? new WarningText(
                                "A crash is coming",
                                "The rate of rise heads for %s in %s.".formatted(rate, Clock.text(w.inS())),
                                "Put some gas back now, in a small step; leave the air.")
                        : new WarningText(
                                "It is crashing",
                                "The rate of rise lies under its own trend, which asks for %s.".formatted(than),
                                "A little gas back, and wait: too much makes a flick.");
            case RUNNING_AWAY ->
                new WarningText(
                        "It is running away",
                        "At this pace first crack comes in %s with %s; %s is wanted."
                                .formatted(Clock.text(w.inS()), rate, than),
                        "Ease the gas now, before the crack, in one step.");
            case STALL ->
                new WarningText(
                        w.reading() < 0 ? "It is falling" : "It is stalling",
                        "A minute ago the rate of rise was %s.".formatted(than),
                        "A little more gas.");
            case FLAT ->
                new WarningText(
                        "It no longer slows",
                        "A minute ago the rate of rise was %s: it ought to fall steadily.".formatted(than),
                        "Look at the plan: the next small step down may be due.");
            case FLICK ->
                new WarningText(
                        "It is turning up",
                        "The last low of the rate of rise was %s.".formatted(than),
                        "Ease the gas a little.");
            case DEVELOPMENT_SHORT ->
                new WarningText(
                        "Development will fall short",
                        "At the planned drop it comes to %.1f %%; %.1f %% is wanted."
                                .formatted(w.reading(), w.against()),
                        "Drop later, by the clock; next time go into the crack slower.");
            case DEVELOPMENT_LONG ->
                new WarningText(
                        "Development will overrun",
                        "At the planned drop it comes to %.1f %%; %.1f %% is wanted."
                                .formatted(w.reading(), w.against()),
                        "Drop earlier, by the clock and not by the probe.");
        };
    }

    private static String over(Warning w, Wording wording) {
        return w.reading() >= w.against() || w.inS() <= 0
                ? "The bean probe is at %s; the drop was due by %s."
                        .formatted(wording.temperature(w.reading()), wording.temperature(w.against()))
                : "The drop was due %s ago.".formatted(Clock.text(w.inS()));
    }
}
