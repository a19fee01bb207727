package barrowmist.server.cupping;

import barrowmist.server.cupping.ClockViews.BreakEntry;
import barrowmist.server.cupping.ClockViews.ClockView;
import barrowmist.server.cupping.ClockViews.CupReading;
import barrowmist.server.cupping.ClockViews.GroundEntry;
import barrowmist.server.cupping.ClockViews.PourEntry;
import barrowmist.server.cupping.ClockViews.PouredEntry;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/cuppings/{id}/clock")
class ClockController {

    private final ClockService clocks;

    ClockController(ClockService clocks) {
        this.clocks = clocks;
    }

    @GetMapping
    ClockView clock(@PathVariable long id) {
        return clocks.get(id);
    }

    /** The first of it is ground: from now on the water is waited for. */
    @PostMapping("/ground")
    ClockView ground(@PathVariable long id, @RequestBody GroundEntry entry) {
        return clocks.ground(id, Boolean.TRUE.equals(entry.covered()));
    }

    @DeleteMapping("/ground")
    ClockView notGround(@PathVariable long id) {
        return clocks.notGround(id);
    }

    @PostMapping("/pours")
    ClockView poured(@PathVariable long id, @RequestBody PouredEntry entry) {
        return clocks.poured(id, entry.code());
    }

    @PostMapping("/pour")
    ClockView pour(@PathVariable long id, @RequestBody PourEntry entry) {
        return clocks.pour(id, entry);
    }

    @DeleteMapping("/pour")
    ClockView takeBack(@PathVariable long id) {
        return clocks.takeBack(id);
    }

    @PostMapping("/breaks")
    ClockView broken(@PathVariable long id, @RequestBody BreakEntry entry) {
        return clocks.broken(id, entry.code());
    }

    @PostMapping("/readings")
    ClockView read(@PathVariable long id, @RequestBody CupReading reading) {
        return clocks.read(id, reading.c());
    }
}
