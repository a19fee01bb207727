package barrowmist.core.cupping;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Counts the sheets that do not count, by their reason, and says so in a line each. */
public final class LeftOut {

    private final Map<CupTrait, Integer> apart = new EnumMap<>(CupTrait.class);
    private final Map<CupTrait, Integer> unused = new EnumMap<>(CupTrait.class);

    /** @param answer what a sheet counts for, not {@code YES} */
    public void add(CupCounting.Answer answer, CupTrait why) {
        (answer == CupCounting.Answer.APART ? apart : unused).merge(why, 1, Integer::sum);
    }

    /** Such as {@code 2 sheets with milk are kept apart.} */
    public List<String> lines() {
        List<String> out = new ArrayList<>();
        apart.forEach((why, n) -> out.add(said(n, why) + (n == 1 ? " is kept apart." : " are kept apart.")));
        unused.forEach((why, n) -> out.add(said(n, why) + (n == 1 ? " is not counted." : " are not counted.")));
        return out;
    }

    private static String said(int sheets, CupTrait why) {
        return sheets + (sheets == 1 ? " sheet " : " sheets ") + why.label();
    }
}
