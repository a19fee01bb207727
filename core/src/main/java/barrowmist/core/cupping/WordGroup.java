package barrowmist.core.cupping;

/** Groups of taste words, by what they may point to. Our own. */
public enum WordGroup {
    DULL("dull and closed", "heat that dragged on, or a sample too young or too old"),
    BURNT("burnt", "a surface that took too much heat"),
    RAW("raw and green", "an inside that was not roasted through"),
    GRAIN("grain, bread and paper", "baking, an unroasted inside, quakers or age: the other evidence decides"),
    SHARP("sharp and drying", "an inside left behind, or a short middle"),
    DIRTY("foreign", "the green itself, or the preparation"),
    SWEET("sweet", "sound development"),
    FRUIT("fruit and flower", "the coffee itself"),
    DEEP("nut, spice and cocoa", "the coffee itself, roasted a little further");

    private final String label;
    private final String pointsTo;

    WordGroup(String label, String pointsTo) {
        this.label = label;
        this.pointsTo = pointsTo;
    }

    public String label() {
        return label;
    }

    /** What words of this group may point to, for the person who chooses one. */
    public String pointsTo() {
        return pointsTo;
    }
}
