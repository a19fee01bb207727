package barrowmist.server.sample;

import barrowmist.server.green.GreenSampleService;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps photographs of samples, green and roasted. */
@Service
@KeptInTurn
public class PhotoService {

    private static final int MOST_PHOTOS = 12;

    private final PhotoRepository photos;
    private final RoastService roasts;
    private final GreenSampleService green;
    private final Clock clock;

    PhotoService(PhotoRepository photos, RoastService roasts, GreenSampleService green, Clock clock) {
        this.green = green;
        this.photos = photos;
        this.roasts = roasts;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Long> ofRoast(long roastId) {
        return photos.ofRoast(roastId);
    }

    @Transactional(readOnly = true)
    public List<Long> ofGreenSample(long sampleId) {
        return photos.ofGreenSample(sampleId);
    }

    long keepOfRoast(long roastId, byte[] sent) {
        roasts.get(roastId);
        return keep(photos.ofRoast(roastId).size(), roastId, null, sent);
    }

    long keepOfGreenSample(long sampleId, byte[] sent) {
        green.get(sampleId);
        return keep(photos.ofGreenSample(sampleId).size(), null, sampleId, sent);
    }

    private long keep(int there, @Nullable Long roastId, @Nullable Long sampleId, byte[] sent) {
        if (there >= MOST_PHOTOS) {
            throw new InputProblems(
                    "photo", "A sample keeps at most " + MOST_PHOTOS + " photographs: remove one first");
        }
        return photos.save(new PhotoEntity(roastId, sampleId, clock.instant(), Photograph.TYPE, Photograph.keep(sent)))
                .id();
    }

    /** A photograph as it was kept. */
    public record Kept(String type, byte[] content) {}

    @Transactional(readOnly = true)
    public Kept get(long id) {
        PhotoEntity photo = photos.findById(id).orElseThrow(() -> new NotFound("photograph", id));
        return new Kept(photo.contentType(), photo.content());
    }

    void remove(long id) {
        photos.deleteById(id);
    }
}
