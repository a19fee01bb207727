package barrowmist.server.web;

/** There is no room on the disk: nothing can be kept now. Answered with status 507. */
public class DiskFull extends RuntimeException {

    private static final long serialVersionUID = 1;

    public static final String TEXT =
            "The disk is full: nothing more can be kept, and nothing was. Reading goes on, and so does a"
                    + " roast at the desk. Make room on the disk; Barrowmist goes on by itself.";

    public DiskFull() {
        super(TEXT);
    }
}
