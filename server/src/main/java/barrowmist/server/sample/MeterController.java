package barrowmist.server.sample;

import barrowmist.server.sample.MeterService.Meters;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MeterController {

    private final MeterService meters;

    MeterController(MeterService meters) {
        this.meters = meters;
    }

    /** The lab's meters. */
    @GetMapping("/api/meters")
    Meters meters() {
        return meters.all();
    }

    @PutMapping("/api/meters")
    Meters meters(@RequestBody Meters changed) {
        return meters.keep(changed);
    }
}
