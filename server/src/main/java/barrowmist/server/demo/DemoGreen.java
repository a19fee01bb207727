package barrowmist.server.demo;

import barrowmist.core.green.Defect;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.day.DayService;
import barrowmist.server.day.DayViews.DayChange;
import barrowmist.server.day.DayViews.DayContent;
import barrowmist.server.day.DayViews.DayItem;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenViews.GreenSampleEntry;
import barrowmist.server.green.GreenViews.InspectionEntry;
import barrowmist.server.plan.PlanService;
import barrowmist.server.plan.PlanViews.PlanEntry;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The invented inspections, the plans for the lots to be roasted next, and today's timetable. */
@Component
@ConditionalOnProperty(name = "barrowmist.demo", havingValue = "true")
class DemoGreen {

    private static final int MWENDO = 2;
    private static final int VELQUORA = 3;
    private static final int TRELUNHO = 5;
    private static final int SEMBUYAN = 8;
    private static final int ZARAMONDE = 9;

    private static final LocalTime LIT = LocalTime.of(8, 30);

    private final GreenSampleService samples;
    private final PlanService plans;
    private final DayService days;

    DemoGreen(GreenSampleService samples, PlanService plans, DayService days) {
        this.samples = samples;
        this.plans = plans;
        this.days = days;
    }

    void seed(List<Long> lotIds, long machineId, LocalDate today) {
        inspect(
                lotIds.get(MWENDO),
                SampleStage.ARRIVAL,
                content(
                        10.6,
                        0.54,
                        182.7,
                        Map.of(18, 96.0, 17, 141.0, 16, 51.0, 15, 10.5),
                        16,
                        Map.of(Defect.BROKEN, 6, Defect.SHELL, 3, Defect.SLIGHT_INSECT, 4),
                        List.of("fresh", "sweet"),
                        "blue-green",
                        today.minusMonths(9)));
        preShipment(lotIds.get(VELQUORA), today.minusDays(88));
        inspect(
                lotIds.get(VELQUORA),
                SampleStage.PRE_SHIPMENT,
                content(
                        11.0,
                        0.56,
                        174.5,
                        Map.of(18, 71.0, 17, 118.0, 16, 82.0, 15, 24.0, ScreenAnalysis.PAN, 4.0),
                        15,
                        Map.of(Defect.BROKEN, 8, Defect.PARTIAL_SOUR, 2, Defect.SHELL, 4),
                        List.of("fresh"),
                        "green",
                        today.minusMonths(8)));
        inspect(
                lotIds.get(VELQUORA),
                SampleStage.ARRIVAL,
                content(
                        11.8,
                        0.61,
                        173.2,
                        Map.of(18, 62.0, 17, 109.0, 16, 88.0, 15, 33.0, ScreenAnalysis.PAN, 7.0),
                        15,
                        Map.of(Defect.BROKEN, 21, Defect.PARTIAL_SOUR, 7, Defect.SHELL, 9, Defect.FULL_BLACK, 1),
                        List.of("hay", "sack"),
                        "yellow-green",
                        today.minusMonths(8)));
        inspect(
                lotIds.get(TRELUNHO),
                SampleStage.ARRIVAL,
                content(
                        11.1,
                        0.55,
                        171.0,
                        Map.of(18, 108.0, 17, 130.0, 16, 48.0, 15, 13.0),
                        16,
                        Map.of(Defect.BROKEN, 9, Defect.IMMATURE, 6, Defect.SLIGHT_INSECT, 8),
                        List.of("fruity", "sweet"),
                        "yellow-green",
                        today.minusMonths(7)));
        inspect(
                lotIds.get(SEMBUYAN),
                SampleStage.ARRIVAL,
                content(
                        11.9,
                        0.60,
                        167.0,
                        Map.of(19, 52.0, 18, 97.0, 17, 88.0, 16, 41.0, 15, 20.0),
                        16,
                        Map.of(Defect.BROKEN, 18, Defect.WITHERED, 6, Defect.IMMATURE, 7),
                        List.of("earthy"),
                        "blue-green",
                        today.minusMonths(5)));
        plan(lotIds, machineId, today);
    }

    /** An arrival that got wet on the way. */
    void musty(long lotId, LocalDate today) {
        inspect(
                lotId,
                SampleStage.ARRIVAL,
                content(
                        13.3,
                        0.69,
                        166.0,
                        Map.of(19, 44.0, 18, 92.0, 17, 95.0, 16, 46.0, 15, 21.0),
                        16,
                        Map.of(Defect.BROKEN, 14, Defect.FUNGUS, 4, Defect.IMMATURE, 6),
                        List.of("musty"),
                        "yellow-green",
                        today.minusMonths(6)));
    }

    private void plan(List<Long> lotIds, long machineId, LocalDate today) {
        List<DayItem> items = new ArrayList<>();
        for (int lot : List.of(MWENDO, ZARAMONDE, VELQUORA, SEMBUYAN, TRELUNHO)) {
            long sampleId = samples.ofLot(lotIds.get(lot), Optional.empty()).id();
            long planId = plans.begin(new PlanEntry(sampleId, machineId, null, null, null))
                    .id();
            items.add(new DayItem(planId, null));
        }
        days.keep(today, new DayChange(null, new DayContent(machineId, LIT, items, RestSchool.PROTOCOL)));
    }

    private void preShipment(long lotId, LocalDate received) {
        samples.add(lotId, new GreenSampleEntry(SampleStage.PRE_SHIPMENT, received));
    }

    private void inspect(long lotId, SampleStage stage, Inspection content) {
        samples.keep(samples.ofLot(lotId, Optional.of(stage)).id(), new InspectionEntry(null, content));
    }

    private static Inspection content(
            double moisture,
            double activity,
            double cupG,
            Map<Integer, Double> sieves,
            int contract,
            Map<Defect, Integer> defects,
            List<String> smells,
            String colour,
            LocalDate harvest) {
        double sieved = sieves.values().stream().mapToDouble(g -> g).sum();
        return new Inspection(
                OptionalDouble.of(moisture),
                OptionalDouble.of(activity),
                OptionalDouble.empty(),
                OptionalDouble.of(cupG),
                OptionalDouble.of(250),
                OptionalDouble.of(Math.ceil(sieved)),
                sieves,
                Optional.of(contract),
                OptionalDouble.of(350),
                Optional.of(defects),
                smells,
                Optional.of(colour),
                "Closed inner bag, 18 °C",
                Optional.of(harvest.withDayOfMonth(1)),
                false);
    }
}
