package barrowmist.core.check;

/** What somebody sent, as it is repeated in a refusal: never longer than a line. */
public final class Shown {

    /** Longest text that is repeated, characters. */
    public static final int MOST = 60;

    private Shown() {}

    /** The text, or its beginning and an ellipsis. */
    public static String of(String text) {
        return of(text, MOST);
    }

    /** @param most how many characters of it at most */
    public static String of(String text, int most) {
        return text.length() > most ? text.substring(0, most) + "…" : text;
    }
}
