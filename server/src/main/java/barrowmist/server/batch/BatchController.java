package barrowmist.server.batch;

import barrowmist.core.units.Wording;
import barrowmist.server.batch.BatchViews.PackedView;
import barrowmist.server.batch.BatchViews.ProfileBatches;
import barrowmist.server.batch.BatchViews.ProfileEntry;
import barrowmist.server.batch.BatchViews.ProfileId;
import barrowmist.server.batch.BatchViews.ProfileView;
import barrowmist.server.batch.BatchViews.ReleaseEntry;
import barrowmist.server.batch.BatchViews.ReleaseView;
import barrowmist.server.batch.BatchViews.TastedTable;
import barrowmist.server.batch.BatchViews.TasterEntry;
import barrowmist.server.batch.BatchViews.TasterTable;
import barrowmist.server.batch.BatchViews.TemplateEntry;
import barrowmist.server.batch.BatchViews.TemplatePlan;
import barrowmist.server.paper.Paper;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BatchController {

    private final ProfileService profiles;
    private final BatchReview review;
    private final ProfileFiles files;
    private final ReleaseService releases;
    private final TasterService taster;

    BatchController(
            ProfileService profiles,
            BatchReview review,
            ProfileFiles files,
            ReleaseService releases,
            TasterService taster) {
        this.profiles = profiles;
        this.review = review;
        this.files = files;
        this.releases = releases;
        this.taster = taster;
    }

    /** Approves a plan for production. */
    @PostMapping("/api/profiles")
    @ResponseStatus(HttpStatus.CREATED)
    ProfileId approve(@RequestBody ProfileEntry entry) {
        return new ProfileId(profiles.approve(entry));
    }

    /** All profiles, by name, the newest version first. */
    @GetMapping("/api/profiles")
    List<ProfileView> profiles() {
        return profiles.list();
    }

    @GetMapping("/api/profiles/{id}")
    ProfileView profile(@PathVariable long id) {
        return profiles.view(id);
    }

    /** Every batch against the profile, and a control chart of each figure. */
    @GetMapping("/api/profiles/{id}/batches")
    ProfileBatches batches(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean further,
            @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return review.batches(id, further, new Wording(fahrenheit, false));
    }

    /** Says of roasts, logged elsewhere or by another plan, that they followed this profile. */
    @PostMapping("/api/profiles/{id}/batches")
    ProfileBatches add(@PathVariable long id, @RequestBody TasterEntry entry) {
        profiles.followed(id, entry.roastIds());
        return review.batches(id, false, Wording.SI);
    }

    /** The profile as a file that another lab can read. */
    @GetMapping(value = "/api/profiles/{id}/file.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@PathVariable long id) {
        return file(id, ".csv", files.csv(id));
    }

    /** The same as JSON. */
    @GetMapping(value = "/api/profiles/{id}/file.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> json(@PathVariable long id) {
        return file(id, ".json", files.json(id));
    }

    private static ResponseEntity<String> file(long id, String ending, String text) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"profile-" + id + ending + "\"")
                .body(text);
    }

    /** One page for the roasting room. */
    @GetMapping(value = "/api/profiles/{id}/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> page(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer("profile-" + id, files.page(id, new Wording(fahrenheit, false)));
    }

    /** Begins a plan of ours from a profile that came from elsewhere: a template to adapt. */
    @PostMapping("/api/profiles/template")
    @ResponseStatus(HttpStatus.CREATED)
    TemplatePlan template(@RequestBody TemplateEntry entry) {
        return new TemplatePlan(files.begin(entry));
    }

    /** Lays batches beside the approved roast, blind. */
    @PostMapping("/api/profiles/{id}/tables")
    @ResponseStatus(HttpStatus.CREATED)
    TasterTable lay(@PathVariable long id, @RequestBody(required = false) @Nullable TasterEntry entry) {
        return new TasterTable(taster.lay(id, entry == null ? null : entry.roastIds()));
    }

    /** What such tables showed, the newest first. */
    @GetMapping("/api/profiles/{id}/tables")
    List<TastedTable> tables(@PathVariable long id) {
        return taster.shown(id);
    }

    @GetMapping("/api/roasts/{id}/release")
    ReleaseView release(@PathVariable long id) {
        return releases.of(id);
    }

    /** Lets a batch go, or holds it back with a reason; into which bags it went. */
    @PutMapping("/api/roasts/{id}/release")
    ReleaseView keep(@PathVariable long id, @RequestBody ReleaseEntry entry) {
        releases.keep(id, entry);
        return releases.of(id);
    }

    /** Which batches went into a bucket or a bag. */
    @GetMapping("/api/bags")
    List<PackedView> bag(@RequestParam(defaultValue = "") String bag) {
        return releases.intoBag(bag);
    }

    /** Into which buckets and bags the roasts of a lot went. */
    @GetMapping("/api/lots/{id}/bags")
    List<PackedView> bags(@PathVariable long id) {
        return releases.ofLot(id);
    }
}
