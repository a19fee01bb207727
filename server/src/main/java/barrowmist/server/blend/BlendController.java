package barrowmist.server.blend;

import barrowmist.core.decision.Blend;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPage;
import barrowmist.server.blend.BlendViews.KeptBlend;
import barrowmist.server.blend.BlendViews.LaidTrial;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Blends. */
@RestController
@RequestMapping("/api/blends")
class BlendController {

    private final BlendService blends;
    private final BlendEstimate estimate;

    BlendController(BlendService blends, BlendEstimate estimate) {
        this.blends = blends;
        this.estimate = estimate;
    }

    /** What the parts of a blend suggest; keeps nothing. */
    @PostMapping("/estimate")
    Blend.Suggested estimate(@RequestBody BlendEntry entry) {
        return estimate.of(entry);
    }

    @GetMapping
    List<KeptBlend> blends() {
        return blends.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BlendPage addBlend(@RequestBody BlendEntry entry) {
        return blends.add(entry);
    }

    @GetMapping("/{id}")
    BlendPage blend(@PathVariable long id) {
        return blends.page(id);
    }

    @PutMapping("/{id}")
    BlendPage changeBlend(@PathVariable long id, @RequestBody BlendEntry entry) {
        return blends.change(id, entry);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeBlend(@PathVariable long id) {
        blends.remove(id);
    }

    /** Lays its trial blind beside its parts. */
    @PostMapping("/{id}/trials")
    @ResponseStatus(HttpStatus.CREATED)
    LaidTrial layTrial(@PathVariable long id) {
        return new LaidTrial(blends.lay(id));
    }
}
