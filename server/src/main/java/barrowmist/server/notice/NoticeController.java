package barrowmist.server.notice;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NoticeController {

    private final List<NoticeSource> sources;

    NoticeController(List<NoticeSource> sources) {
        this.sources = sources;
    }

    @GetMapping("/api/notices")
    List<Notice> notices() {
        return sources.stream().flatMap(s -> s.notices().stream()).toList();
    }

    /** Somebody has read it. */
    @DeleteMapping("/api/notices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void noticeRead(@PathVariable String id) {
        sources.forEach(s -> s.read(id));
    }
}
