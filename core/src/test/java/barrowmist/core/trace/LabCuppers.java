package barrowmist.core.trace;

import barrowmist.core.trace.CupFacts.Found;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What the cuppers of a simulated lab write down: words of the trade, now and then one that is wrong. */
final class LabCuppers {

    /** Words for each cause as people of the trade name them, the telling ones first. */
    private static final Map<Cause, List<String>> WORDS = words();

    static final List<String> STRAY = List.of(
            "flat",
            "bitter",
            "papery",
            "dull",
            "sour",
            "hay",
            "drying",
            "thin",
            "smoky",
            "bready",
            "woody",
            "heavy",
            "little acidity",
            "harsh",
            "musty",
            "plain");

    static final List<String> PLEASANT = List.of("sweet", "caramel", "citrus", "berry", "nutty", "clean", "floral");

    private final LabChance luck;

    LabCuppers(LabChance luck) {
        this.luck = luck;
    }

    void write(Map<String, Found> found, List<String> said, Cause cause, double s, int cuppers, int most) {
        List<String> list = WORDS.getOrDefault(cause, List.of());
        int n = Math.max(1, Math.min(most, (int) Math.rint(0.7 + 1.6 * s + luck.g(0.5))));
        for (int i = 0; i < n; i++) {
            // the first third of a list is told most
            // now and then a cupper says something else
            String word = luck.chance(0.12)
                    ? luck.pick(STRAY)
                    : list.get((int) (list.size() * Math.pow(luck.random.nextDouble(), 1.5)));
            int who = 1;
            for (int c = 1; c < cuppers; c++) {
                who += luck.chance(0.45 + 0.3 * s) ? 1 : 0;
            }
            put(found, word, who, cuppers, cupsOf(cause));
            said.add(word);
        }
    }

    private int cupsOf(Cause cause) {
        return switch (cause) {
            case QUAKERS, GREEN_POTATO -> 1 + luck.random.nextInt(2);
            case GREEN_MOULD, GREEN_FERMENT, GREEN_PHENOL -> luck.chance(0.5) ? 1 : 5;
            case PREPARATION -> luck.chance(0.2) ? 1 : 5;
            default -> luck.chance(0.75) ? 5 : 4;
        };
    }

    void stray(Map<String, Found> found, int cuppers) {
        put(found, luck.pick(STRAY), 1, cuppers, 1 + luck.random.nextInt(5));
    }

    void put(Map<String, Found> found, String word, int who, int cuppers, int cups) {
        found.putIfAbsent(
                word, new Found(Math.min(who, cuppers), Math.min(who, cuppers) * cups, 5 * Math.min(who, cuppers)));
    }

    private static Map<Cause, List<String>> words() {
        Map<Cause, List<String>> w = new EnumMap<>(Cause.class);
        w.put(
                Cause.BAKED,
                List.of(
                        "flat",
                        "dull",
                        "hollow",
                        "bready",
                        "papery",
                        "little sweetness",
                        "little acidity",
                        "little aroma"));
        w.put(Cause.SCORCHED, List.of("ashy", "charred", "smoky", "burnt", "harsh", "bitter"));
        w.put(Cause.TIPPED, List.of("sharp", "burnt", "harsh", "smoky", "bitter", "ashy"));
        w.put(
                Cause.UNDERDEVELOPED,
                List.of("grassy", "hay", "raw grain", "wheat", "doughy", "peanut skin", "sour", "thin", "drying"));
        w.put(Cause.OVERDEVELOPED, List.of("roasty", "bittersweet", "smoky", "charred", "little acidity"));
        w.put(Cause.TART, List.of("tart", "pointed", "little sweetness", "thin"));
        w.put(Cause.MUTED, List.of("muted", "heavy", "plain", "dull"));
        w.put(Cause.QUAKERS, List.of("oats", "peanut", "wheat", "bready", "papery"));
        w.put(Cause.GREEN_MOULD, List.of("musty", "earthy"));
        w.put(Cause.GREEN_FERMENT, List.of("ferment", "ferment", "sour"));
        w.put(Cause.GREEN_PHENOL, List.of("medicinal"));
        w.put(Cause.GREEN_POTATO, List.of("potato"));
        w.put(Cause.PAST_CROP, List.of("woody", "papery", "hay", "little acidity"));
        w.put(Cause.UNDER_RESTED, List.of("flat", "closed", "gassy"));
        w.put(Cause.STALE, List.of("dull", "cardboard", "stale"));
        w.put(Cause.PREPARATION, List.of("papery", "drying", "tobacco", "off water", "another coffee"));
        w.put(Cause.UNEVEN, List.of("uneven", "grassy", "smoky", "bitter", "hay"));
        return w;
    }
}
