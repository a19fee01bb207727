package barrowmist.server.cupping;

import java.util.Set;

/** Which roasts a production profile is held to; the room of profiles implements it. */
public interface ReferenceRoasts {

    Set<Long> ids();
}
