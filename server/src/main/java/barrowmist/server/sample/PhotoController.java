package barrowmist.server.sample;

import barrowmist.server.web.InputProblems;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keeps photographs of samples, green and roasted. */
@RestController
class PhotoController {

    private static final int MOST_BYTES = 20 * 1024 * 1024;
    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
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
        return new PhotoView(photos.keepOfRoast(id, sent(request)));
    }

    @GetMapping("/api/green-samples/{id}/photos")
    List<PhotoView> greenPhotos(@PathVariable long id) {
        return photos.ofGreenSample(id).stream().map(PhotoView::new).toList();
    }

    @PostMapping(
            path = "/api/green-samples/{id}/photos",
            consumes = {"image/jpeg", "image/png"},
            produces = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView addGreenPhoto(@PathVariable long id, HttpServletRequest request) throws IOException {
        return new PhotoView(photos.keepOfGreenSample(id, sent(request)));
    }

    private static byte[] sent(HttpServletRequest request) throws IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            throw tooLarge();
        }
        byte[] content = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (content.length == 0 || content.length > MOST_BYTES) {
            throw tooLarge();
        }
        return content;
    }

    private static InputProblems tooLarge() {
        return new InputProblems("photo", "A photograph has at most " + MOST_BYTES / 1048576 + " MB, and is not empty");
    }

    @GetMapping(
            path = "/api/photos/{id}",
            produces = {"image/jpeg", "image/png"})
    ResponseEntity<byte[]> photo(@PathVariable long id) {
        PhotoService.Kept photo = photos.get(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, photo.type())
                .header("X-Content-Type-Options", "nosniff")
                .body(photo.content());
    }

    @DeleteMapping("/api/photos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removePhoto(@PathVariable long id) {
        photos.remove(id);
    }
}
