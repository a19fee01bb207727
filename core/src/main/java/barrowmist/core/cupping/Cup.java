package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/**
 * The marks of one cup.
 *
 * @param uniform tastes as its neighbours do
 * @param clean free of foreign notes from first sip to aftertaste
 * @param sweet sweet enough
 * @param defect a taint or a fault in it
 */
public record Cup(boolean uniform, boolean clean, boolean sweet, Defect defect) {

    /** A cup with nothing wrong, as every cup is until marked. */
    public static final Cup SOUND = new Cup(true, true, true, Defect.NONE);

    /** What is wrong with a cup; points lost for each cup touched. */
    public enum Defect implements Coded {
        NONE(0),
        /** In the aroma: noticeable, not overwhelming. */
        TAINT(2),
        /** In the taste: overwhelming. */
        FAULT(4);

        private final int points;

        Defect(int points) {
            this.points = points;
        }

        /** Points lost (SCA cupping protocol, value from memory). */
        public int points() {
            return points;
        }
    }
}
