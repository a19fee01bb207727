package barrowmist.core.check;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** Names of people as they are compared, and which characters a text may have. */
public final class Names {

    private static final Pattern INVISIBLE = Pattern.compile("\\p{Cf}+");
    private static final Pattern SPACES = Pattern.compile("[\\s\\p{Z}]+");
    private static final int LAST_OF_PLANE = 0xFFFE;

    private Names() {}

    /**
     * The form in which two names are the same name: compatibility characters, capitals, spaces and invisible characters
     * make no difference (Unicode NFKC, as PRECIS usernames of RFC 8265 are prepared).
     */
    public static String comparable(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFKC);
        return SPACES.matcher(INVISIBLE.matcher(plain).replaceAll(""))
                .replaceAll(" ")
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    public static boolean same(String one, String other) {
        return comparable(one).equals(comparable(other));
    }

    /** Whether every character can stand on a page: no control character but tab and line ends, no half of a pair. */
    public static boolean printable(String text) {
        return text.codePoints().allMatch(Names::printable);
    }

    /** The text without what cannot stand on a page. */
    public static String printableOnly(String text) {
        return printable(text)
                ? text
                : text.codePoints()
                        .filter(Names::printable)
                        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                        .toString();
    }

    private static boolean printable(int c) {
        boolean control = Character.getType(c) == Character.CONTROL && c != '\t' && c != '\n' && c != '\r';
        return !control
                && Character.getType(c) != Character.SURROGATE
                // the last two of each plane, and U+FDD0 to U+FDEF, are no characters
                && (c & 0xFFFF) < LAST_OF_PLANE
                && !(c >= 0xFDD0 && c <= 0xFDEF);
    }
}
