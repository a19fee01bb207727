package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.rest.Rest;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.cupping.CuppingViews.CuppingEntry;
import barrowmist.server.cupping.CuppingViews.CuppingView;
import barrowmist.server.cupping.CuppingViews.RestWarning;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps cuppings and their sheets. */
@Service
@KeptInTurn
public class CuppingService {

    private static final String FORM = "hundred-point";
    private static final int USUAL_CUPS = 5;
    private static final int MAX_CUPPER = 120;
    private static final int LISTED = 500;

    private final CuppingRepository cuppings;
    private final SheetRepository sheets;
    private final RoastService roasts;
    private final RestSettings rest;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    CuppingService(
            CuppingRepository cuppings,
            SheetRepository sheets,
            RoastService roasts,
            RestSettings rest,
            Clock clock,
            ApplicationEventPublisher told) {
        this.told = told;
        this.rest = rest;
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.roasts = roasts;
        this.clock = clock;
    }

    public CuppingView open(CuppingEntry entry) {
        int cups = entry.cups() == null ? USUAL_CUPS : entry.cups();
        if (!HundredPointSheet.CUP_COUNTS.contains(cups)) {
            throw new InputProblems("cups", "cups is " + cups + ", allowed are 1, 3 or 5");
        }
        List<Long> roastIds = entry.roastIds() == null ? List.of() : entry.roastIds();
        roastIds.forEach(roasts::get);
        Instant at = entry.cuppedAt() == null ? clock.instant() : entry.cuppedAt();
        return view(cuppings.save(
                new CuppingEntity(at, cups, roastIds.stream().distinct().toList())));
    }

    /** The newest cuppings. */
    @Transactional(readOnly = true)
    public List<CuppingView> list() {
        List<CuppingEntity> newest = cuppings.findAllByOrderByCuppedAtDescIdDesc(PageRequest.of(0, LISTED));
        Map<Long, List<SheetEntity>> byCupping = sheets.findAllByCuppingInOrderById(newest).stream()
                .collect(Collectors.groupingBy(s -> s.cupping().id()));
        return newest.stream()
                .map(c -> view(c, byCupping.getOrDefault(c.id(), List.of())))
                .toList();
    }

    @Transactional(readOnly = true)
    CuppingView get(long id) {
        return view(cupping(id));
    }

    public SheetView addSheet(long cuppingId, SheetEntry entry) {
        CuppingEntity cupping = cupping(cuppingId);
        String form = entry.form() == null ? FORM : entry.form();
        if (!form.equals(FORM)) {
            throw new InputProblems("form", "form is \"" + form + "\", expected " + FORM);
        }
        SheetEntity sheet = new SheetEntity(cupping, roastOf(cupping, entry.roastId()), form);
        cupping.add(sheet.roastId());
        fill(sheet, entry);
        return SheetView.of(sheets.save(sheet));
    }

    /** @throws Conflict if the entry was made from an older version of the sheet */
    SheetView changeSheet(long cuppingId, long sheetId, SheetEntry entry) {
        SheetEntity sheet = sheets.findById(sheetId)
                .filter(s -> s.cupping().id() == cuppingId)
                .orElseThrow(() -> new NotFound("sheet", sheetId));
        if (entry.version() != null && entry.version() != sheet.version()) {
            throw new Conflict(
                    "This sheet was changed in another window. Nothing was overwritten.",
                    Map.of("version", sheet.version()));
        }
        fill(sheet, entry);
        return SheetView.of(sheets.saveAndFlush(sheet));
    }

    private long roastOf(CuppingEntity cupping, @Nullable Long roastId) {
        if (roastId != null) {
            return roasts.get(roastId).id();
        }
        if (cupping.roastIds().size() == 1) {
            return cupping.roastIds().get(0);
        }
        throw new InputProblems("roastId", "roastId is missing, expected one of " + cupping.roastIds());
    }

    private void fill(SheetEntity sheet, SheetEntry entry) {
        String cupper = entry.cupper() == null ? "" : entry.cupper().strip();
        HundredPointSheet filled = new SheetContent(
                        Objects.requireNonNullElse(entry.attributes(), Map.of()),
                        Objects.requireNonNullElse(entry.cups(), List.of()),
                        Objects.requireNonNullElse(entry.words(), List.of()))
                .sheet(sheet.cupping().cups());
        Checks checks = new Checks();
        filled.problems().forEach(p -> checks.add(p.field(), p.message()));
        if (cupper.length() > MAX_CUPPER) {
            checks.add("cupper", "cupper has " + cupper.length() + " characters, at most " + MAX_CUPPER + " are kept");
        }
        if (filled.cups().size() != sheet.cupping().cups()) {
            checks.add(
                    "cups",
                    "There are marks of %d cups, and %d cups a sample on this table"
                            .formatted(filled.cups().size(), sheet.cupping().cups()));
        }
        InputProblems.refuseIfAny(checks.problems());
        sheet.keep(filled, cupper, clock.instant());
        told.publishEvent(new RoastChanged(sheet.roastId()));
    }

    private CuppingEntity cupping(long id) {
        return cuppings.findById(id).orElseThrow(() -> new NotFound("cupping", id));
    }

    private CuppingView view(CuppingEntity c) {
        return view(c, sheets.findAllByCuppingIdOrderById(c.id())).with(warnings(c));
    }

    /** What is to be said of the samples' rest: a warning, never a refusal. */
    private List<RestWarning> warnings(CuppingEntity c) {
        RestSchool school = rest.school();
        return c.roastIds().stream()
                .map(roasts::get)
                .flatMap(r -> Rest.of(school, r.lot().process(), Rest.ageH(r.droppedAt(), c.cuppedAt()))
                        .warning(school)
                        .map(text -> new RestWarning(r.id(), text))
                        .stream())
                .toList();
    }

    private static CuppingView view(CuppingEntity c, List<SheetEntity> sheets) {
        return new CuppingView(
                c.id(),
                c.cuppedAt(),
                c.cups(),
                c.roastIds(),
                sheets.stream().map(SheetView::of).toList(),
                null);
    }
}
