package barrowmist.core.cupping.panel;

import barrowmist.core.cupping.TableKind;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/** Codes that tell nothing: three digits for a sample, six characters for joining a table. */
public final class TableCodes {

    private static final int FIRST = 100;
    private static final int AFTER_LAST = 1000;
    private static final int JOIN_LENGTH = 6;

    /** Letters and digits that nobody takes for one another, said or written. */
    private static final String EASY = "ACDEFHJKMNPRTUVWXY3479";

    /** The same without digits, and without letters that are another one upside down. */
    private static final String LETTERS = "CDEFHJKPRTVY";

    private TableCodes() {}

    /** Codes of three different digits, all different, in rising order: where a sample stands says nothing of it. */
    public static List<String> samples(int count, RandomGenerator random) {
        Set<String> codes = new LinkedHashSet<>();
        while (codes.size() < count) {
            String code = String.valueOf(random.nextInt(FIRST, AFTER_LAST));
            if (code.chars().distinct().count() == code.length()) {
                codes.add(code);
            }
        }
        List<String> sorted = new ArrayList<>(codes);
        sorted.sort(null);
        return List.copyOf(sorted);
    }

    /**
     * Codes for what is laid: drawn on a blind table, places on an open one. A triangle's cups are known by their set and
     * place, its two coffees are A and B.
     */
    public static List<String> of(TableKind kind, boolean coded, int count, RandomGenerator random) {
        if (kind == TableKind.TRIANGLE) {
            return List.of("A", "B");
        }
        return coded
                ? samples(count, random)
                : IntStream.rangeClosed(1, count).mapToObj(String::valueOf).toList();
    }

    /** Two letters each for the undersides of cups, all different, in no order. */
    public static List<String> marks(int count, RandomGenerator random) {
        Set<String> marks = new LinkedHashSet<>();
        while (marks.size() < count) {
            marks.add(drawn(LETTERS, 2, random));
        }
        return List.copyOf(marks);
    }

    /** A code to join a table by. */
    public static String join(RandomGenerator random) {
        return drawn(EASY, JOIN_LENGTH, random);
    }

    private static String drawn(String from, int length, RandomGenerator random) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < length; i++) {
            code.append(from.charAt(random.nextInt(from.length())));
        }
        return code.toString();
    }
}
