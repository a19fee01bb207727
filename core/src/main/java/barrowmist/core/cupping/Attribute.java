package barrowmist.core.cupping;

/** The scored attributes of the 100-point form, in the order in which they are tasted. */
public enum Attribute {
    FRAGRANCE_AROMA("fragranceAroma", "fragrance / aroma"),
    FLAVOUR("flavour", "flavour"),
    AFTERTASTE("aftertaste", "aftertaste"),
    ACIDITY("acidity", "acidity"),
    BODY("body", "body"),
    BALANCE("balance", "balance"),
    OVERALL("overall", "overall");

    private final String field;
    private final String label;

    Attribute(String field, String label) {
        this.field = field;
        this.label = label;
    }

    /** The name on the wire. */
    public String field() {
        return field;
    }

    /** The name in running text. */
    public String label() {
        return label;
    }
}
