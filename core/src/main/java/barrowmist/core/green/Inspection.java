package barrowmist.core.green;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * What was measured and seen on a sample of green coffee.
 *
 * @param moisturePct moisture, % of mass
 * @param waterActivity water activity, 0 to 1
 * @param densityGPerL free-settled density as typed, g/L
 * @param cupMassG mass of the filled cup without the cup, g
 * @param cupVolumeMl volume of the cup, mL
 * @param sieveSampleG put on the sieves, g
 * @param sieves grams kept by screen number, {@link ScreenAnalysis#PAN} for the pan
 * @param contractScreen smallest screen of the contract
 * @param defectSampleG sample counted for defects, g
 * @param defects beans of each kind; empty when nobody counted
 * @param smells smell words
 * @param colour colour word; empty when not judged
 * @param storage how it is kept, in words
 * @param harvest first day of the harvest month
 * @param mouldOrTaint whether mould is seen or chemicals are smelled
 */
public record Inspection(
        OptionalDouble moisturePct,
        OptionalDouble waterActivity,
        OptionalDouble densityGPerL,
        OptionalDouble cupMassG,
        OptionalDouble cupVolumeMl,
        OptionalDouble sieveSampleG,
        Map<Integer, Double> sieves,
        Optional<Integer> contractScreen,
        OptionalDouble defectSampleG,
        Optional<Map<Defect, Integer>> defects,
        List<String> smells,
        Optional<String> colour,
        String storage,
        Optional<LocalDate> harvest,
        boolean mouldOrTaint) {

    /** Smells to choose from, good ones first; those from {@code musty} on warn. */
    public static final List<String> SMELLS = List.of(
            "fresh",
            "grassy",
            "sweet",
            "hay",
            "fruity",
            "nutty",
            "musty",
            "ferment",
            "sack",
            "woody",
            "earthy",
            "mould",
            "chemical");

    /** Colours to choose from, fresh to old. */
    public static final List<String> COLOURS =
            List.of("blue-green", "green", "greenish", "yellow-green", "yellow", "brownish", "brown");

    private static final double MOST_SAMPLE_G = 5000;
    private static final double LEAST_SAMPLE_G = 10;
    private static final int MOST_BEANS = 5000;
    private static final double LEAST_CUP_ML = 50;
    private static final double MOST_CUP_ML = 5000;
    private static final int MOST_TEXT = 500;
    private static final LocalDate EARLIEST_HARVEST = LocalDate.of(2000, 1, 1);

    public Inspection {
        // a kind that was looked for and not found is the same as none of it
        defects = defects.map(d -> {
            Map<Defect, Integer> some = new EnumMap<>(Defect.class);
            d.forEach((kind, n) -> {
                if (n != 0) {
                    some.put(kind, n);
                }
            });
            return some;
        });
        sieves = Collections.unmodifiableMap(new TreeMap<>(sieves));
        smells = List.copyOf(smells);
        colour = colour.filter(c -> !c.isBlank());
        storage = storage.strip();
    }

    /** Nothing measured. */
    public static Inspection none() {
        OptionalDouble no = OptionalDouble.empty();
        return new Inspection(
                no,
                no,
                no,
                no,
                no,
                no,
                Map.of(),
                Optional.empty(),
                no,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                "",
                Optional.empty(),
                false);
    }

    /** Every problem of it. */
    public List<FieldProblem> problems(LocalDate today) {
        Checks checks = LotRules.water(new Checks(), moisturePct, waterActivity)
                .range(
                        "densityGPerL",
                        "Density",
                        densityGPerL,
                        LotRules.DENSITY_MIN_G_PER_L,
                        LotRules.DENSITY_MAX_G_PER_L,
                        "g/L")
                .range("cupMassG", "Mass in the cup", cupMassG, LEAST_SAMPLE_G, MOST_SAMPLE_G, "g")
                .range("cupVolumeMl", "Volume of the cup", cupVolumeMl, LEAST_CUP_ML, MOST_CUP_ML, "mL")
                .range("sieveSampleG", "Sample on the sieves", sieveSampleG, LEAST_SAMPLE_G, MOST_SAMPLE_G, "g")
                .range("defectSampleG", "Sample counted", defectSampleG, LEAST_SAMPLE_G, MOST_SAMPLE_G, "g");
        checkDensity(checks);
        sieves.forEach((screen, grams) -> checkSieve(checks, screen, grams));
        contractScreen.ifPresent(
                s -> checks.range("contractScreen", "Contracted screen", s, ScreenRange.MIN, ScreenRange.MAX, ""));
        defects.ifPresent(counts -> counts.forEach((kind, n) ->
                checks.range("defects." + kind.code(), Wording.capital(kind.label()), n, 0, MOST_BEANS, "beans")));
        checkWords(checks);
        harvest.filter(h -> h.isBefore(EARLIEST_HARVEST) || h.isAfter(today))
                .ifPresent(h ->
                        checks.add("harvest", "Harvest is " + h + ", allowed are " + EARLIEST_HARVEST + " to today"));
        return checks.problems();
    }

    private void checkDensity(Checks checks) {
        if (densityGPerL.isEmpty() && cupMassG.isPresent() && cupVolumeMl.isPresent()) {
            checks.range(
                    "cupMassG",
                    "Density from mass and volume",
                    density().orElse(Double.NaN),
                    LotRules.DENSITY_MIN_G_PER_L,
                    LotRules.DENSITY_MAX_G_PER_L,
                    "g/L");
        }
    }

    private static void checkSieve(Checks checks, int screen, double grams) {
        String field = "sieves." + screen;
        if (screen != ScreenAnalysis.PAN && (screen < ScreenRange.MIN || screen > ScreenRange.MAX)) {
            checks.add(
                    field,
                    "Screen is " + screen + ", allowed are " + ScreenRange.MIN + " to " + ScreenRange.MAX
                            + " and the pan");
        }
        String label = screen == ScreenAnalysis.PAN ? "In the pan" : "On screen " + screen;
        checks.range(field, label, grams, 0, MOST_SAMPLE_G, "g");
    }

    private void checkWords(Checks checks) {
        smells.stream()
                .filter(w -> !SMELLS.contains(w))
                .forEach(w ->
                        checks.add("smells", "Smell is \"" + w + "\", expected one of " + String.join(", ", SMELLS)));
        colour.filter(c -> !COLOURS.contains(c))
                .ifPresent(c ->
                        checks.add("colour", "Colour is \"" + c + "\", expected one of " + String.join(", ", COLOURS)));
        if (storage.length() > MOST_TEXT) {
            checks.add(
                    "storage", "Storage has " + storage.length() + " characters, at most " + MOST_TEXT + " are kept");
        }
    }

    /** Density, g/L: as typed, or else mass over volume of the filled cup. */
    public OptionalDouble density() {
        if (densityGPerL.isPresent() || cupMassG.isEmpty() || cupVolumeMl.isEmpty()) {
            return densityGPerL;
        }
        return OptionalDouble.of(1000 * cupMassG.getAsDouble() / cupVolumeMl.getAsDouble());
    }

    /** What the sieves say; empty when nothing was weighed. */
    public Optional<ScreenAnalysis> screens() {
        return ScreenAnalysis.of(new TreeMap<>(sieves), sieveSampleG, contractScreen);
    }

    /**
     * The defect count; empty when none was made.
     *
     * @param quakers in 100 g of the roasted sample, when known
     */
    public Optional<DefectCount> defectCount(OptionalInt quakers) {
        return defects.map(d -> new DefectCount(d, defectSampleG.orElse(DefectCount.SAMPLE_G), quakers));
    }

    /** The screens that hold nearly all of the beans; empty when not sieved. */
    public Optional<ScreenRange> screenRange() {
        return screens().flatMap(Inspection::range);
    }

    /** Sieves that hold less than this say nothing of the lot as a whole, % (house default). */
    private static final double FEW_PCT = 8;

    private static Optional<ScreenRange> range(ScreenAnalysis analysis) {
        int[] holding = analysis.shares().stream()
                .filter(s -> s.screen() != ScreenAnalysis.PAN && s.pct() >= FEW_PCT)
                .mapToInt(ScreenAnalysis.Share::screen)
                .sorted()
                .toArray();
        return holding.length == 0
                ? Optional.empty()
                : Optional.of(new ScreenRange(holding[0], holding[holding.length - 1]));
    }
}
