package barrowmist.server.demo;

import barrowmist.server.sample.SampleEntry;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A roast of the demo laboratory.
 *
 * @param lot place of its lot in {@link DemoLab#lots()}
 * @param daysAgo how many days before today it was roasted
 * @param curve its log
 * @param accepted whether it teaches the machine
 * @param bench what was measured; null for nothing yet
 * @param cup what was tasted; null for nothing yet
 */
record DemoRoast(
        int lot,
        int daysAgo,
        DemoBatch curve,
        boolean accepted,
        @Nullable Bench bench,
        @Nullable Cup cup) {

    /** The same, that nobody has cupped yet. */
    DemoRoast uncupped() {
        return new DemoRoast(lot, daysAgo, curve, accepted, bench, null);
    }

    /** What the bench found. */
    record Bench(
            double lossPct, double whole, double ground, int quakers, int scorched, int tipped, boolean oneColour) {

        /** As a meter reads it: half a point more or less. */
        Bench strayed(int index) {
            double ofWhole = 0.5 * (index * 7 % 3 - 1);
            double ofGround = 0.5 * (index * 11 % 5 - 2);
            return new Bench(lossPct, whole + ofWhole, ground + ofGround, quakers, scorched, tipped, oneColour);
        }

        SampleEntry entry(double greenG) {
            double roastedG = Math.round(10 * greenG * (1 - lossPct / 100)) / 10.0;
            return new SampleEntry(
                    greenG, roastedG, whole, ground, quakers, scorched, tipped, 0, null, oneColour, null, null);
        }
    }

    /**
     * A cupping sheet.
     *
     * @param restHours hours after the roast
     * @param scores the seven attributes in order of the form
     * @param sweetCups how many of the five cups are sweet
     * @param words taste words, each in all cups
     */
    record Cup(int restHours, double[] scores, int sweetCups, List<String> words) {}

    /** A sheet whose seven scores lie about {@code base}, with its words in all five cups. */
    static Cup cup(int restHours, double base, int sweetCups, String... words) {
        double[] scores = {base + 0.25, base, base - 0.25, base + 0.25, base, base, base};
        return new Cup(restHours, scores, sweetCups, List.of(words));
    }
}
