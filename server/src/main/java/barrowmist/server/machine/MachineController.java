package barrowmist.server.machine;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/machines")
class MachineController {

    private final MachineService machines;

    MachineController(MachineService machines) {
        this.machines = machines;
    }

    @GetMapping
    List<MachineView> machines() {
        return machines.list();
    }

    @GetMapping("/{id}")
    MachineView machine(@PathVariable long id) {
        return machines.one(id);
    }

    @PutMapping("/{id}")
    MachineView changeMachine(@PathVariable long id, @RequestBody MachineEntry entry) {
        return machines.change(id, entry);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MachineView addMachine(@RequestBody MachineEntry entry) {
        return machines.add(entry);
    }
}
