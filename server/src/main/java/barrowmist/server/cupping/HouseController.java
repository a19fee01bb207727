package barrowmist.server.cupping;

import barrowmist.core.check.LimitFact;
import barrowmist.core.cupping.HouseLines;
import barrowmist.server.cupping.HouseViews.KeptCupLines;
import barrowmist.server.cupping.HouseViews.KeptHouseScales;
import barrowmist.server.cupping.HouseViews.KeptProtocols;
import barrowmist.server.cupping.HouseViews.OwnWordView;
import barrowmist.server.cupping.HouseViews.WordEntry;
import barrowmist.server.cupping.HouseViews.WordView;
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

/** The house's own words, lines and scales. */
@RestController
@RequestMapping("/api")
class HouseController {

    private final HouseService house;
    private final LabVocabulary words;

    HouseController(HouseService house, LabVocabulary words) {
        this.house = house;
        this.words = words;
    }

    @GetMapping("/vocabulary")
    List<WordView> vocabulary() {
        return words.all();
    }

    /** Words written most at the last tables that may be told. */
    @GetMapping("/vocabulary/lately")
    List<String> lately() {
        return words.lately();
    }

    /** Words that cuppers wrote, for the lead to take in. */
    @GetMapping("/vocabulary/candidates")
    List<OwnWordView> candidates() {
        return words.candidates();
    }

    @PostMapping("/vocabulary")
    @ResponseStatus(HttpStatus.CREATED)
    WordView takeWord(@RequestBody WordEntry entry) {
        return words.take(entry);
    }

    /** A word of the house is one no more; on sheets it stays. */
    @DeleteMapping("/vocabulary/{word}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveBackWord(@PathVariable String word) {
        words.giveBack(word);
    }

    @GetMapping("/cup-lines")
    KeptCupLines cupLines() {
        return house.keptLines();
    }

    /** Where each of them begins, and by what right. */
    @GetMapping("/cup-lines/facts")
    List<LimitFact> cupLineFacts() {
        return LimitFact.of(HouseLines.DEFAULTS);
    }

    @PutMapping("/cup-lines")
    KeptCupLines keepCupLines(@RequestBody KeptCupLines changed) {
        return house.keep(changed);
    }

    /** The forms with their scales, the house's own among them. */
    @GetMapping("/cupping-forms")
    List<FormView> forms() {
        return FormView.all(house.scales());
    }

    /** How this house prepares its tables: the published way first, until somebody changes that. */
    @GetMapping("/table-protocols")
    KeptProtocols tableProtocols() {
        return house.keptProtocols();
    }

    @PutMapping("/table-protocols")
    KeptProtocols keepTableProtocols(@RequestBody KeptProtocols changed) {
        return house.keep(changed);
    }

    @GetMapping("/house-scales")
    KeptHouseScales houseScales() {
        return house.keptScales();
    }

    @PutMapping("/house-scales")
    KeptHouseScales keepHouseScales(@RequestBody KeptHouseScales changed) {
        return house.keep(changed);
    }
}
