package barrowmist.core.cupping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The words a cup may be described by. Our own choice of plain words of the trade. */
public final class Vocabulary {

    /**
     * A word.
     *
     * @param word as shown and kept
     * @param group its group
     * @param alsoFoundBy other spellings and near words that find it while typing
     */
    public record Word(String word, WordGroup group, List<String> alsoFoundBy) {}

    private static final List<Word> WORDS = words();
    private static final Map<String, Word> BY_WORD =
            WORDS.stream().collect(Collectors.toUnmodifiableMap(Word::word, Function.identity()));

    private static final Map<String, String> MEANT = new HashMap<>();

    static {
        WORDS.forEach(w -> w.alsoFoundBy().forEach(other -> MEANT.putIfAbsent(other, w.word())));
        WORDS.forEach(w -> MEANT.put(w.word(), w.word()));
    }

    private Vocabulary() {}

    /** All words, group by group. */
    public static List<Word> all() {
        return WORDS;
    }

    public static Optional<Word> find(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }

    /** The word that is meant: a synonym is its word, and a word of nobody's stays as it is, in small letters. */
    public static String plain(String word) {
        String small = word.strip().toLowerCase(Locale.ROOT);
        return MEANT.getOrDefault(small, small);
    }

    private static List<Word> words() {
        List<Word> words = new ArrayList<>();
        add(
                words,
                WordGroup.DULL,
                "flat",
                "dull|lifeless",
                "hollow|empty",
                "muted",
                "little sweetness|not sweet",
                "little acidity|no acidity",
                "little aroma|no aroma",
                "heavy",
                "plain",
                "baked",
                "closed|shut",
                "gassy",
                "under-rested|too young",
                "stale|old");
        add(
                words,
                WordGroup.BURNT,
                "burnt",
                "ashy|ash",
                "charred|char|carbon",
                "smoky|smoke",
                "roasty|roast|roasted",
                "bittersweet|bitter-sweet",
                "harsh",
                "bitter",
                "scorched",
                "tipped",
                "overdeveloped");
        add(
                words,
                WordGroup.RAW,
                "grassy|grass|green",
                "hay|straw",
                "raw grain",
                "peanut skin",
                "pea pod|vegetal",
                "underdeveloped",
                "uneven");
        add(
                words,
                WordGroup.GRAIN,
                "bready|bread",
                "doughy|dough",
                "papery|paper",
                "cardboard",
                "wheat|wheaty|cereal",
                "oats|oatmeal",
                "peanut",
                "quakery|quaker|quakers",
                "grainy|grain");
        add(
                words,
                WordGroup.SHARP,
                "sour|sour-sharp",
                "tart",
                "pointed|pointed acidity",
                "sharp",
                "thin|watery",
                "drying|astringent|tightening|dry",
                "salty|brine|salt");
        add(
                words,
                WordGroup.DIRTY,
                "musty|mouldy|mould",
                "earthy|earth",
                "ferment|vinegar|fermented",
                "medicinal|phenol|phenolic",
                "woody|wood",
                "past crop|aged",
                "tobacco",
                "off water|chlorine",
                "another coffee",
                "rubbery",
                "potato|raw potato");
        add(words, WordGroup.SWEET, "sweet", "caramel", "honey", "brown sugar", "malt");
        add(
                words,
                WordGroup.FRUIT,
                "citrus|lemon|orange",
                "stone fruit|peach|apricot",
                "berry|berries",
                "apple|pear",
                "dried fruit|raisin|date",
                "tropical|mango",
                "floral|flower|jasmine",
                "tea-like|black tea",
                "grapefruit|pomelo",
                "cherry|cherries",
                "winey|wine",
                "fermented fruit|overripe|overripe fruit",
                "boozy|alcoholic",
                "juicy|succulent");
        add(
                words,
                WordGroup.DEEP,
                "nutty|almond|hazelnut",
                "cocoa",
                "chocolate",
                "spice|clove|cinnamon",
                "pepper|peppery",
                "ginger",
                "savoury|broth",
                "creamy|cream",
                "velvety|silky|smooth",
                "balanced|harmonious",
                "lingering|long finish",
                "clean",
                "lively|bright");
        return List.copyOf(words);
    }

    /** Each entry is the word, then other ways to find it, parted by bars. */
    private static void add(List<Word> words, WordGroup group, String... entries) {
        for (String entry : entries) {
            List<String> parts = List.of(entry.split("\\|"));
            words.add(new Word(parts.get(0), group, parts.subList(1, parts.size())));
        }
    }
}
