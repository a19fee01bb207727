package barrowmist.core.green;

/** Small help with words. */
final class Sentence {

    private Sentence() {}

    static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
