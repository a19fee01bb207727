package barrowmist.server.cupping;

import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.roast.RoastService;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** What stands under a code, in words. */
@Component
class SampleNames {

    private final RoastService roasts;

    SampleNames(RoastService roasts) {
        this.roasts = roasts;
    }

    String of(CuppingSampleEntity sample) {
        return of(sample.what());
    }

    String of(TableSample what) {
        String name = what.roastId() != null
                ? roasts.get(what.roastId()).title()
                : Objects.requireNonNull(what.outside()).name();
        return what.treatment() == null ? name : name + ", " + what.treatment();
    }
}
