package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** Classes of the 100-point form (SCA cupping protocol, values from memory). */
public enum QualityClass implements Coded {
    NOT_SPECIALTY("below specialty", 0),
    VERY_GOOD("very good", 80),
    EXCELLENT("excellent", 85),
    OUTSTANDING("outstanding", 90);

    private final String label;
    private final double from;

    QualityClass(String label, double from) {
        this.label = label;
        this.from = from;
    }

    @Override
    public String label() {
        return label;
    }

    /** Lowest score of the class. */
    public double from() {
        return from;
    }

    /** The class of a final score, 100 at most. */
    public static QualityClass of(double finalScore) {
        QualityClass best = NOT_SPECIALTY;
        for (QualityClass c : values()) {
            best = finalScore >= c.from ? c : best;
        }
        return best;
    }
}
