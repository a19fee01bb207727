package barrowmist.server.notice;

import java.util.List;

/** Who has something to say to everybody. */
public interface NoticeSource {

    /** What holds now. */
    List<Notice> notices();

    /** Puts a notice away that somebody has read; one of another source is left alone. */
    default void read(String id) {}
}
