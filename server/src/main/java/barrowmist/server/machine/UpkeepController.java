package barrowmist.server.machine;

import barrowmist.server.machine.UpkeepViews.UpkeepEntry;
import barrowmist.server.machine.UpkeepViews.UpkeepView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was done to a roaster. */
@RestController
@RequestMapping("/api/machines/{machineId}/upkeep")
class UpkeepController {

    private final UpkeepService upkeep;

    UpkeepController(UpkeepService upkeep) {
        this.upkeep = upkeep;
    }

    /** The newest first. */
    @GetMapping
    List<UpkeepView> upkeep(@PathVariable long machineId) {
        return upkeep.of(machineId);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<UpkeepView> addUpkeep(@PathVariable long machineId, @RequestBody UpkeepEntry entry) {
        return upkeep.add(machineId, entry);
    }

    @DeleteMapping("/{id}")
    List<UpkeepView> removeUpkeep(@PathVariable long machineId, @PathVariable long id) {
        return upkeep.remove(machineId, id);
    }
}
