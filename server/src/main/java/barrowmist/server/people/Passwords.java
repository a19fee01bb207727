package barrowmist.server.people;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.check.Names;
import com.nulabinc.zxcvbn.StandardDictionaries;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Which passwords are taken: long rather than odd, and none that everybody tries first (NIST SP 800-63B asks for length, for
 * a list of common ones, and for no rules of composition).
 */
final class Passwords {

    static final int SHORTEST = 10;
    /** What bcrypt reads of a password, in bytes. */
    static final int LONGEST = 72;
    /** Fewer different characters than this are a key held down. */
    private static final int FEWEST_DIFFERENT = 4;

    private static final Map<String, Integer> COMMON = common();

    private Passwords() {}

    /** Adds what is wrong with a password to the problems. */
    static void check(@Nullable String password, String name, List<FieldProblem> problems) {
        String said = problem(password, name);
        if (!said.isEmpty()) {
            problems.add(new FieldProblem("password", said));
        }
    }

    private static String problem(@Nullable String password, String name) {
        if (password == null || password.codePointCount(0, password.length()) < SHORTEST) {
            return "A password has at least " + SHORTEST + " characters: a few words will do";
        }
        if (tooLong(password)) {
            return "A password has at most " + LONGEST + " characters";
        }
        String plain = password.strip().toLowerCase(Locale.ROOT);
        if (plain.codePoints().distinct().count() < FEWEST_DIFFERENT) {
            return "This password is one key pressed again and again: a few words will do";
        }
        if (Names.same(plain, name)) {
            return "The name itself is no password";
        }
        return COMMON.containsKey(plain) || COMMON.containsKey(plain.replaceAll("\\d+$", ""))
                ? "This is one of the passwords that are tried first: take a few words instead"
                : "";
    }

    static boolean tooLong(@Nullable String password) {
        return password != null && password.getBytes(StandardCharsets.UTF_8).length > LONGEST;
    }

    private static Map<String, Integer> common() {
        try {
            return Map.copyOf(StandardDictionaries.PASSWORDS_LOADER.load().getRankedDictionary());
        } catch (IOException e) {
            throw new UncheckedIOException("the list of common passwords ships with the program", e);
        }
    }
}
