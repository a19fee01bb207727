package barrowmist.server.device;

import barrowmist.core.desk.BelievedReadings;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import barrowmist.server.device.RoasterLink.LinkLost;
import barrowmist.server.device.RoasterLink.Silent;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tries the link to a roaster, and gives it a log to play again. */
@RestController
@RequestMapping("/api/machines/{id}")
class LinkController {

    private final RoasterLinks links;
    private final MachineService machines;

    LinkController(RoasterLinks links, MachineService machines) {
        this.links = links;
        this.machines = machines;
    }

    /**
     * What a roaster says to a trial; {@code text} says what is wrong when it says nothing.
     *
     * @param doubts what of it can hardly be true, and what to look at
     */
    record LinkTest(
            boolean answered,
            String text,
            List<String> doubts,
            OptionalDouble beanC,
            OptionalDouble environmentC,
            OptionalDouble gasPct,
            OptionalDouble airflowPct,
            OptionalDouble drumRpm,
            OptionalDouble pops,
            OptionalDouble clockS) {

        static LinkTest of(boolean answered, String text, List<String> doubts, RoasterReading r) {
            return new LinkTest(
                    answered,
                    text,
                    doubts,
                    r.beanC(),
                    r.environmentC(),
                    r.gasPct(),
                    r.airflowPct(),
                    r.drumRpm(),
                    r.pops(),
                    r.clockS());
        }
    }

    @PostMapping("/link-test")
    LinkTest tryLink(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestBody LinkSettings settings) {
        MachineSettings tried = machines.one(id).settings().withLink(settings);
        InputProblems.refuseIfAny(settings.problems());
        try (RoasterLink link = links.open(id, settings)) {
            RoasterReading read = tried.understood(link.read());
            List<String> doubts = BelievedReadings.doubts(settings.sense(), read, new Wording(fahrenheit, false));
            return LinkTest.of(
                    true,
                    doubts.isEmpty() ? "The roaster answers." : "The roaster answers, but look at this first:",
                    doubts,
                    read);
        } catch (Silent e) {
            return LinkTest.of(false, e.toCheck(), List.of(), RoasterReading.nothing());
        } catch (LinkLost e) {
            return LinkTest.of(false, e.getMessage(), List.of(), RoasterReading.nothing());
        }
    }

    /** A reading that another logger pushes while the roast runs; what it does not know is left out. */
    @PostMapping("/readings")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void push(@PathVariable long id, @RequestBody PushedReading reading) {
        machines.one(id);
        links.push(id, reading.reading());
    }

    /** Sets the log that is played again when the link is a replay. */
    @PutMapping(path = "/replay", consumes = "text/csv")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void replay(@PathVariable long id, @RequestBody byte[] file) {
        ControlWords scales = machines.get(id).settings().words();
        if (!(RoastLogReader.read(file, ReadOptions.NONE, notes -> scales) instanceof ReadResult.Accepted accepted)) {
            throw new InputProblems("file", "This log cannot be read: import it once to see what is wrong with it");
        }
        links.replay(id, accepted.log());
    }
}
