package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** Groups of taste words, by what they may point to. Our own. */
public enum WordGroup implements Coded {
    DULL("dull and closed", "heat that dragged on, or a sample too young or too old", 2, 1),
    BURNT("burnt", "a surface that took too much heat", 2, 2),
    RAW("raw and green", "an inside that was not roasted through", 0, 2),
    GRAIN("grain, bread and paper", "baking, an unroasted inside, quakers or age: the other evidence decides", 1, 1),
    SHARP("sharp and drying", "an inside left behind, or a short middle", 0, 1),
    DIRTY("foreign", "the green itself, or the preparation", 1, 2),
    SWEET("sweet", "sound development", 1, 0),
    FRUIT("fruit and flower", "the coffee itself", 0, 0),
    DEEP("nut, spice and cocoa", "the coffee itself, roasted a little further", 2, 0);

    private final String label;
    private final String pointsTo;
    private final int column;
    private final int row;

    WordGroup(String label, String pointsTo, int column, int row) {
        this.label = label;
        this.pointsTo = pointsTo;
        this.column = column;
        this.row = row;
    }

    /** Place on the map of words, from 0: from little heat on the left to much on the right. */
    public int column() {
        return column;
    }

    /** Place on the map of words, from 0: from what is sought above to what is a fault below. */
    public int row() {
        return row;
    }

    @Override
    public String label() {
        return label;
    }

    /** What words of this group may point to, for the person who chooses one. */
    public String pointsTo() {
        return pointsTo;
    }
}
