package barrowmist.server.web;

import java.io.IOException;

/** What is sent did not come to its end in the time that is given. Answered with status 408. */
public final class SlowBody extends IOException {

    private static final long serialVersionUID = 1;

    public static final String TEXT =
            "What you send comes too slowly to be taken. Nothing was kept: send it again over a better connection.";

    public SlowBody() {
        super(TEXT);
    }
}
