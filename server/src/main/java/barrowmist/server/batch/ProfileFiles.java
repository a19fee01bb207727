package barrowmist.server.batch;

import barrowmist.core.decision.batch.BatchFigure;
import barrowmist.core.decision.batch.Profile;
import barrowmist.core.decision.batch.ProfileFile;
import barrowmist.core.plan.Aim;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import barrowmist.server.batch.BatchViews.AimedFigure;
import barrowmist.server.batch.BatchViews.ProfileView;
import barrowmist.server.batch.BatchViews.TemplateEntry;
import barrowmist.server.paper.Paper;
import barrowmist.server.plan.ChangedPlans;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Json;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;

/** A profile on its way out and in: an open file, and a page for the wall of the roasting room. */
@Service
@KeptInTurn
public class ProfileFiles {

    private static final String FORMAT = "barrowmist-profile";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final ProfileService profiles;
    private final ChangedPlans plans;
    private final Clock clock;

    ProfileFiles(ProfileService profiles, ChangedPlans plans, Clock clock) {
        this.profiles = profiles;
        this.plans = plans;
        this.clock = clock;
    }

    /** A profile as JSON, see {@code docs/formats.md}. */
    record JsonProfile(String format, String name, int version, List<AimedFigure> figures) {}

    @Transactional(readOnly = true)
    String json(long id) {
        ProfileEntity p = profiles.one(id);
        return Json.write(new JsonProfile(FORMAT, p.name(), p.versionNo(), ProfileAims.views(p.profile())));
    }

    @Transactional(readOnly = true)
    String csv(long id) {
        ProfileEntity p = profiles.one(id);
        String name = p.name().replaceAll("[\\r\\n]", " ");
        return "# profile: " + name + "\n# version: " + p.versionNo() + "\n" + ProfileFile.write(p.profile());
    }

    /** A line of the printed page. */
    record PageLine(String figure, String target, String tolerance, String from, String to) {}

    record ProfilePage(
            String title, String what, String approved, boolean hasNote, String note, List<PageLine> figures) {}

    @Transactional(readOnly = true)
    byte[] page(long id, Wording wording) {
        ProfileView p = profiles.view(id);
        Map<BatchFigure, Aim> aims = profiles.one(id).profile().aims();
        return Paper.write(
                "profile",
                new ProfilePage(
                        p.name() + ", version " + p.version(),
                        p.lotName() + " · " + p.machineName() + " · plan " + p.planId(),
                        "Approved by " + p.approvedBy() + " on "
                                + DAY.format(p.approvedAt().atZone(clock.getZone())),
                        p.note() != null,
                        p.note() == null ? "" : p.note(),
                        aims.entrySet().stream()
                                .map(e -> line(e.getKey(), e.getValue(), wording))
                                .toList()));
    }

    private static PageLine line(BatchFigure f, Aim aim, Wording wording) {
        return new PageLine(
                f.label(),
                f.written(aim.value(), wording),
                "± " + f.apart(aim.tolerance(), wording),
                f.written(aim.least(), wording),
                f.written(aim.most(), wording));
    }

    /**
     * Begins a plan from a profile that came from elsewhere: our own charge and moves, its shares and times as aims. It is a
     * template to adapt, never a plan to follow: readings of its probes are not taken.
     *
     * @return the number of the plan
     * @throws InputProblems if the file is none, or says nothing that carries over
     */
    public long begin(TemplateEntry entry) {
        if (entry.greenSampleId() == null) {
            throw new InputProblems("greenSampleId", "greenSampleId is missing: for which green is it adapted?");
        }
        Map<KeyFigure, Aim> aims = new EnumMap<>(KeyFigure.class);
        ProfileFile.thatCarriesOver(profile(entry.file()))
                .forEach((f, aim) -> f.planned().ifPresent(k -> aims.put(k, aim)));
        if (aims.isEmpty()) {
            throw new InputProblems("file", "Nothing in this file carries over to another drum");
        }
        return plans.beginTowards(new PlanEntry(entry.greenSampleId(), entry.machineId(), null, null, null), aims);
    }

    private static Profile profile(@Nullable String file) {
        String text = file == null ? "" : file.strip();
        if (text.startsWith("{")) {
            try {
                JsonProfile read = Json.read(text, JsonProfile.class);
                return ProfileAims.entered(read.figures() == null ? List.of() : read.figures());
            } catch (JacksonException e) {
                throw new InputProblems("file", "This JSON is no profile: " + e.getOriginalMessage());
            }
        }
        ProfileFile.Read read = ProfileFile.read(text);
        InputProblems.refuseIfAny(read.problems());
        return read.profile().orElseThrow();
    }
}
