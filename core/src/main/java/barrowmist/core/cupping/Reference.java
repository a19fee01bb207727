package barrowmist.core.cupping;

import static java.util.Map.entry;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Things to put out beside a table, so that a word is fresh in everybody's memory (common practice, no published
 * source). Words of what must not be tasted, or of nothing that can be put out, have none.
 */
public final class Reference {

    private static final Map<String, String> THINGS = Map.ofEntries(
            entry("burnt", "toast, burnt black"),
            entry("smoky", "smoked tea leaves, to smell"),
            entry("bitter", "chicory, brewed"),
            entry("grapefruit", "slices of grapefruit"),
            entry("cherry", "cherries"),
            entry("ginger", "a slice of fresh ginger"),
            entry("pepper", "black peppercorns, to smell"),
            entry("grassy", "fresh cut grass, to smell"),
            entry("hay", "hay, to smell"),
            entry("raw grain", "raw barley grains"),
            entry("peanut skin", "red skins of peanuts"),
            entry("pea pod", "a raw pea pod"),
            entry("bready", "white bread crust"),
            entry("doughy", "bread dough, to smell"),
            entry("papery", "a wet paper filter, to smell"),
            entry("cardboard", "wet cardboard, to smell"),
            entry("wheat", "puffed wheat, unsweetened"),
            entry("oats", "rolled oats"),
            entry("peanut", "peanuts, unsalted"),
            entry("sour", "lemon juice in water"),
            entry("tart", "redcurrants"),
            entry("drying", "strong black tea, cold"),
            entry("earthy", "fresh beetroot"),
            entry("ferment", "cider vinegar, to smell"),
            entry("woody", "an untreated wooden stick"),
            entry("sweet", "sugar in water, 10 g/L"),
            entry("caramel", "plain caramel"),
            entry("honey", "honey"),
            entry("brown sugar", "brown cane sugar"),
            entry("malt", "malt extract"),
            entry("citrus", "peel of lemon and orange"),
            entry("stone fruit", "dried apricots"),
            entry("berry", "blackberries or raspberries"),
            entry("apple", "slices of apple"),
            entry("dried fruit", "raisins and dates"),
            entry("tropical", "mango, fresh or dried"),
            entry("floral", "elderflower or jasmine, to smell"),
            entry("tea-like", "black tea, lukewarm"),
            entry("nutty", "blanched almonds and hazelnuts"),
            entry("cocoa", "cocoa powder"),
            entry("chocolate", "dark chocolate"),
            entry("spice", "cloves and cinnamon"));

    private Reference() {}

    /** What to put out for a word, and which words it is for. */
    public record Thing(String word, String thing) {}

    public static Optional<String> of(String word) {
        return Optional.ofNullable(THINGS.get(word));
    }

    /** For these words, in their order. */
    public static List<Thing> of(Collection<String> words) {
        return words.stream()
                .distinct()
                .flatMap(w -> of(w).map(thing -> new Thing(w, thing)).stream())
                .toList();
    }

    /** What such things need (nuts, milk, gluten and the like). */
    public static final String CAUTION =
            "Nuts, peanuts, wheat and the like are allergens: ask who tastes before they stand on the table.";
}
