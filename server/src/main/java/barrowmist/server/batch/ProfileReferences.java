package barrowmist.server.batch;

import barrowmist.server.cupping.ReferenceRoasts;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The roasts that profiles are held to. */
@Component
class ProfileReferences implements ReferenceRoasts {

    private final ProfileRepository profiles;

    ProfileReferences(ProfileRepository profiles) {
        this.profiles = profiles;
    }

    @Override
    public Set<Long> ids() {
        return profiles.references();
    }
}
