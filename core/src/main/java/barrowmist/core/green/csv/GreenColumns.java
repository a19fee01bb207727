package barrowmist.core.green.csv;

import barrowmist.core.green.Defect;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.green.ScreenRange;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The columns of the table, in the order in which it is written. */
final class GreenColumns {

    static final String NAME = "name";
    static final String SUPPLIER = "supplier";
    static final String ORIGIN = "origin";
    static final String PROCESS = "process";
    static final String ARRIVAL = "arrival_date";
    static final String KG = "kg";
    static final String SCREEN = "screen";
    static final String STAGE = "stage";
    static final String MOISTURE = "moisture_pct";
    static final String ACTIVITY = "water_activity";
    static final String DENSITY = "density_g_per_l";
    static final String CUP_MASS = "cup_mass_g";
    static final String CUP_VOLUME = "cup_volume_ml";
    static final String HARVEST = "harvest";
    static final String SMELLS = "smells";
    static final String COLOUR = "colour";
    static final String STORAGE = "storage";
    static final String MOULD = "mould_or_taint";
    static final String SIEVE_SAMPLE = "sieve_sample_g";
    static final String CONTRACT = "contract_screen";
    static final String DEFECT_SAMPLE = "defect_sample_g";

    static final List<String> REQUIRED = List.of(NAME, SUPPLIER, ORIGIN, PROCESS, ARRIVAL, KG);

    /** Sieves from the largest down, the pan last. */
    static final List<Integer> SIEVES = IntStream.concat(
                    IntStream.rangeClosed(0, ScreenRange.MAX - ScreenRange.MIN).map(i -> ScreenRange.MAX - i),
                    IntStream.of(ScreenAnalysis.PAN))
            .boxed()
            .toList();

    private GreenColumns() {}

    static String sieve(int screen) {
        return screen == ScreenAnalysis.PAN ? "sieve_pan_g" : "sieve_" + screen + "_g";
    }

    static String defect(Defect kind) {
        return "defect_" + kind.code().replace('-', '_');
    }

    static List<String> all() {
        List<String> all = new ArrayList<>(List.of(
                NAME,
                SUPPLIER,
                ORIGIN,
                PROCESS,
                ARRIVAL,
                KG,
                SCREEN,
                STAGE,
                MOISTURE,
                ACTIVITY,
                DENSITY,
                CUP_MASS,
                CUP_VOLUME,
                HARVEST,
                SMELLS,
                COLOUR,
                STORAGE,
                MOULD,
                SIEVE_SAMPLE,
                CONTRACT));
        SIEVES.forEach(s -> all.add(sieve(s)));
        all.add(DEFECT_SAMPLE);
        for (Defect kind : Defect.values()) {
            all.add(defect(kind));
        }
        return all;
    }
}
