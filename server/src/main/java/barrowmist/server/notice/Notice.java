package barrowmist.server.notice;

import org.jspecify.annotations.Nullable;

/**
 * What everybody must know.
 *
 * @param id names it, such as {@code disk}
 * @param text sentences that say what happened and what to do
 * @param link where its file can be fetched; left out when there is none
 * @param stays whether it stays until its cause is gone; another one goes when somebody has read it
 */
public record Notice(String id, String text, @Nullable String link, boolean stays) {}
