package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** The scored attributes of the 100-point form, in the order in which they are tasted. */
public enum Attribute implements Coded {
    FRAGRANCE_AROMA("fragranceAroma", "fragrance / aroma"),
    FLAVOUR("flavour", "flavour"),
    AFTERTASTE("aftertaste", "aftertaste"),
    ACIDITY("acidity", "acidity"),
    BODY("body", "body"),
    BALANCE("balance", "balance"),
    OVERALL("overall", "overall");

    private final String code;
    private final String label;

    Attribute(String code, String label) {
        this.code = code;
        this.label = label;
    }

    @Override
    public String code() {
        return code;
    }

    /** The name in running text. */
    @Override
    public String label() {
        return label;
    }
}
