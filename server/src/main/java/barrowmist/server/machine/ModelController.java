package barrowmist.server.machine;

import barrowmist.core.units.Wording;
import barrowmist.server.machine.ModelViews.ModelView;
import barrowmist.server.machine.ModelViews.ProcessReferenceView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is learned of a roaster. */
@RestController
@RequestMapping("/api/machines/{machineId}")
class ModelController {

    private final ModelService models;

    ModelController(ModelService models) {
        this.models = models;
    }

    @GetMapping("/references")
    List<ProcessReferenceView> references(@PathVariable long machineId) {
        return models.references(machineId);
    }

    @GetMapping("/model")
    ModelView model(@PathVariable long machineId, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return models.view(machineId, new Wording(fahrenheit, false));
    }

    /** Begins a fit; how it goes is asked with {@link #model}. */
    @PostMapping("/model")
    ModelView fitModel(@PathVariable long machineId) {
        return models.fit(machineId);
    }
}
