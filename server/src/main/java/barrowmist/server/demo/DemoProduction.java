package barrowmist.server.demo;

import barrowmist.core.green.LotRules;
import barrowmist.core.machine.Upkeep;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.server.batch.BatchViews.AimedFigure;
import barrowmist.server.batch.BatchViews.BagEntry;
import barrowmist.server.batch.BatchViews.ProfileEntry;
import barrowmist.server.batch.BatchViews.ReleaseEntry;
import barrowmist.server.batch.ProfileService;
import barrowmist.server.batch.ReleaseService;
import barrowmist.server.demo.DemoBatch.Coffee;
import barrowmist.server.demo.DemoBatch.Hand;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineEntry;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.machine.UpkeepService;
import barrowmist.server.machine.UpkeepViews.UpkeepEntry;
import barrowmist.server.plan.PlanService;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.roast.ImportRequest;
import barrowmist.server.roast.ImportService;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.SampleEntry;
import barrowmist.server.sample.SampleService;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * A profile in production: ninety batches on a drum of its own, three a day. The first of a day is charged cooler, two were held
 * back, and since the burner was serviced the gas has lost pressure, so that first crack comes later and later.
 */
@Component
@ConditionalOnProperty(name = "barrowmist.demo", havingValue = "true")
class DemoProduction {

    /** Place of its lot among the first ten. */
    static final int LOT = 4;

    private static final String MACHINE = "Drum 2";
    private static final double CAPACITY_G = 1200;
    private static final double BATCH_G = 1000;
    private static final int BATCHES = 90;
    private static final int A_DAY = 3;
    private static final int FIRST_SEED = 900;
    private static final LocalTime LIT = LocalTime.of(13, 5);
    private static final int MINUTES_BETWEEN = 25;

    /** The batch that was charged into a drum that had not settled, and one that was forgotten. */
    private static final int COLD = 27;

    private static final int FORGOTTEN = 61;
    private static final int SINKS_FROM = 76;

    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final PlanService plans;
    private final ImportService logs;
    private final RoastService roasts;
    private final SampleService samples;
    private final ProfileService profiles;
    private final ReleaseService releases;
    private final UpkeepService upkeep;

    DemoProduction(
            GreenSampleService greenSamples,
            MachineService machines,
            PlanService plans,
            ImportService logs,
            RoastService roasts,
            SampleService samples,
            ProfileService profiles,
            ReleaseService releases,
            UpkeepService upkeep) {
        this.upkeep = upkeep;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.plans = plans;
        this.logs = logs;
        this.roasts = roasts;
        this.samples = samples;
        this.profiles = profiles;
        this.releases = releases;
    }

    private static AimedFigure figure(String name, double target, double tolerance) {
        return new AimedFigure(name, null, null, target, tolerance);
    }

    private static final List<AimedFigure> FIGURES = List.of(
            figure("chargeC", 183.5, 4.5),
            figure("turningPointS", 55, 3),
            figure("dryEndS", 260, 8),
            figure("firstCrackS", 461, 18),
            figure("developmentS", 94, 9),
            figure("dropC", 199.7, 2),
            figure("weightLossPct", 13.1, 0.5));

    void seed(long lotId, LotRules.Entry lot, LocalDate today) {
        long machineId = machines.add(new MachineEntry(MACHINE, CAPACITY_G, MachineSettings.usual(CAPACITY_G), null))
                .id();
        long sampleId = greenSamples.ofLot(lotId, Optional.empty()).id();
        long plan = plans.begin(new PlanEntry(sampleId, machineId, null, null, BATCH_G))
                .id();
        Random chance = new Random(2203);
        List<Long> ids = new ArrayList<>();
        for (int i = 0; i < BATCHES; i++) {
            ids.add(roast(i, lotId, lot, machineId, today, chance));
        }
        LocalDate serviced = today.minusDays((BATCHES - SINKS_FROM + A_DAY - 1) / A_DAY);
        upkeep.add(machineId, new UpkeepEntry(serviced, Upkeep.BURNER, "jets cleaned, pressure not read again"));
        roasts.accept(ids.get(1), true);
        long profile = profiles.approve(new ProfileEntry(
                plan, "Espresso base", FIGURES, null, ids.get(1), "As cupped in spring: round, cocoa, no ash"));
        profiles.followed(profile, ids);
        for (int i = 0; i < BATCHES; i++) {
            releases.keep(ids.get(i), release(i));
        }
    }

    private long roast(int i, long lotId, LotRules.Entry lot, long machineId, LocalDate today, Random chance) {
        boolean first = i % A_DAY == 0;
        double chargeC = Math.round(10 * (184 + 0.8 * chance.nextGaussian() - (first ? 1.6 : 0))) / 10.0;
        double gas = i == COLD ? -9 : i < SINKS_FROM ? 0 : -0.2 * (i - SINKS_FROM);
        double developmentS = Math.round(94 + 2.2 * chance.nextGaussian()) + (i == FORGOTTEN ? 31 : 0);
        DemoBatch batch = new DemoBatch(Coffee.NATURAL, chargeC, gas, developmentS, Hand.STEADY);
        var at = today.minusDays(BATCHES / A_DAY - i / A_DAY)
                .atTime(LIT.plusMinutes((i % A_DAY) * (long) MINUTES_BETWEEN));
        String csv = DemoLab.by(i / A_DAY) + batch.csv(at.toString(), lot, FIRST_SEED + i);
        long id = logs.importLog(
                        lotId,
                        csv.getBytes(StandardCharsets.UTF_8),
                        new ImportRequest(machineId, null, null, Optional.empty(), null, null, ReadOptions.NONE, false))
                .id();
        double lossPct = 13.1 + 0.12 * chance.nextGaussian() + (i == FORGOTTEN ? 1.4 : 0);
        samples.keep(id, SampleEntry.weighed(BATCH_G, Math.round(BATCH_G * (1 - lossPct / 100)) * 1.0));
        return id;
    }

    private static ReleaseEntry release(int i) {
        if (i == COLD) {
            return new ReleaseEntry(false, "dry end late, warm-up cut short", List.of(), null);
        }
        if (i == FORGOTTEN) {
            return new ReleaseEntry(false, "half a minute too long, dark", List.of(), null);
        }
        String bucket = String.format("B-%03d", 101 + i / A_DAY);
        return new ReleaseEntry(true, null, List.of(new BagEntry(bucket, 0.87)), null);
    }
}
