package barrowmist.server.sample;

import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keeps photographs of roasted samples. */
@RestController
class PhotoController {

    private static final int MOST_BYTES = 8 * 1024 * 1024;
    private static final int MOST_PHOTOS = 12;

    private final PhotoRepository photos;
    private final RoastService roasts;
    private final Clock clock;

    PhotoController(PhotoRepository photos, RoastService roasts, Clock clock) {
        this.photos = photos;
        this.roasts = roasts;
        this.clock = clock;
    }

    /** A photograph that was kept. */
    record PhotoView(long id) {}

    @GetMapping("/api/roasts/{id}/photos")
    List<PhotoView> photos(@PathVariable long id) {
        return photos.ofRoast(id).stream().map(PhotoView::new).toList();
    }

    @PostMapping(
            path = "/api/roasts/{id}/photos",
            consumes = {"image/jpeg", "image/png"},
            produces = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView addPhoto(@PathVariable long id, HttpServletRequest request) throws IOException {
        roasts.get(id);
        byte[] content = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (content.length == 0 || content.length > MOST_BYTES) {
            throw new InputProblems("photo", "A photograph has at most 8 MB, and is not empty");
        }
        boolean png = content.length > 8 && content[0] == (byte) 0x89 && content[1] == 'P';
        boolean jpeg = content.length > 3 && content[0] == (byte) 0xFF && content[1] == (byte) 0xD8;
        if (!png && !jpeg) {
            throw new InputProblems("photo", "This is no photograph: JPEG and PNG can be kept");
        }
        if (photos.ofRoast(id).size() >= MOST_PHOTOS) {
            throw new InputProblems("photo", "A sample keeps at most " + MOST_PHOTOS + " photographs");
        }
        String type = png ? MediaType.IMAGE_PNG_VALUE : MediaType.IMAGE_JPEG_VALUE;
        return new PhotoView(
                photos.save(new PhotoEntity(id, clock.instant(), type, content)).id());
    }

    @GetMapping(
            path = "/api/photos/{id}",
            produces = {"image/jpeg", "image/png"})
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> photo(@PathVariable long id) {
        PhotoEntity photo = photos.findById(id).orElseThrow(() -> new NotFound("photograph", id));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, photo.contentType())
                .header("X-Content-Type-Options", "nosniff")
                .body(photo.content());
    }

    @DeleteMapping("/api/photos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removePhoto(@PathVariable long id) {
        photos.deleteById(id);
    }
}
