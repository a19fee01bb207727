package barrowmist.server.web;

import org.springframework.data.domain.PageRequest;

/** Pages of long lists, as a caller asks for them. */
public final class Pages {

    /** Beyond any list of a lab, and small enough that the rows before it can be counted. */
    private static final int LAST = 100_000;

    private Pages() {}

    /** The page nearest to what was asked for: from the first on, with one row to {@code most}. */
    public static PageRequest of(int page, int size, int most) {
        return PageRequest.of(Math.max(0, Math.min(LAST, page)), Math.max(1, Math.min(most, size)));
    }
}
