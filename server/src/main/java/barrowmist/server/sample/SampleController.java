package barrowmist.server.sample;

import barrowmist.server.roast.RoastService;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SampleController {

    private final SampleService samples;
    private final RoastService roasts;

    SampleController(SampleService samples, RoastService roasts) {
        this.samples = samples;
        this.roasts = roasts;
    }

    @GetMapping("/api/samples")
    List<SampleView> samples() {
        return samples.list();
    }

    @GetMapping("/api/roasts/{id}/sample")
    SampleView sample(@PathVariable long id) {
        return samples.view(roasts.get(id).id());
    }

    @PutMapping("/api/roasts/{id}/sample")
    SampleView keepSample(@PathVariable long id, @RequestBody SampleEntry entry) {
        return samples.keep(roasts.get(id).id(), entry);
    }
}
