package barrowmist.server.demo;

import barrowmist.core.decision.Contract;
import barrowmist.core.decision.Outcome;
import barrowmist.server.blend.BlendService;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPart;
import barrowmist.server.decision.DecisionService;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.store.ContractService;
import barrowmist.server.store.StoreViews.ContractTerms;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was decided on the lots of the demo: most are bought, one is rejected for mould, one is claimed; two are due. A blend is kept. */
@Component
class DemoDecisions {

    private final LotService lots;
    private final DecisionService decisions;
    private final BlendService blends;
    private final ContractService contracts;

    DemoDecisions(LotService lots, DecisionService decisions, BlendService blends, ContractService contracts) {
        this.contracts = contracts;
        this.blends = blends;
        this.lots = lots;
        this.decisions = decisions;
    }

    private record Decided(Outcome outcome, @Nullable String use, String why) {}

    private static Decided bought(String use, String why) {
        return new Decided(Outcome.BUY, use, why);
    }

    private static final Map<String, Decided> DECIDED = Map.ofEntries(
            Map.entry("Gatovu Hill", bought("single origin, filter", "Bright and clean; the flat roast was ours")),
            Map.entry("Kivumba Ridge", bought("single origin, filter", "Floral, as its pre-shipment promised")),
            Map.entry("Mwendo Slope", bought("single origin, filter", "Berry and citrus, long")),
            Map.entry("Serra Quimbroa", bought("espresso blend", "Round, cocoa, little acidity")),
            Map.entry("Vale do Trelunho", bought("espresso blend", "Sweet, dried fruit")),
            Map.entry("Ostrelmo Terraces", bought("single origin", "Tropical fruit in both roasts")),
            Map.entry("Kapenda Station", bought("single origin, filter", "Citrus and malt; nobody tastes the crash")),
            Map.entry("Nyakazuba Mill", bought("filter blend", "Even over the whole season")),
            Map.entry("Alto Veredim", bought("espresso blend", "Sweet once it is charged lower")),
            Map.entry("Cerro Palquita", bought("filter blend", "Clean; its faults were ours")),
            Map.entry(
                    "Velquora Hollow",
                    new Decided(Outcome.CLAIM, null, "It took up water on the way and lost its grade")),
            Map.entry("Rimba Sengkara", new Decided(Outcome.REJECT, null, "Mould in every cup, wet and musty")));

    private static final String BLEND = "Slow morning espresso";

    /** What Velquora Hollow was to be on arrival; it came moister, and with a black bean. */
    private static final ContractTerms AGREED = new ContractTerms(
            new Contract(
                    OptionalDouble.empty(),
                    OptionalDouble.of(11.5),
                    OptionalInt.of(0),
                    OptionalInt.of(5),
                    OptionalDouble.empty(),
                    OptionalInt.empty()),
            null);

    void seed() {
        contracts.keep(lot("Velquora Hollow"), AGREED);
        for (LotView lot : lots.list()) {
            Decided d = DECIDED.get(lot.name());
            if (d != null) {
                decisions.decide(lot.id(), d.outcome, d.use, d.why, null);
            }
        }
        blends.add(new BlendEntry(
                BLEND,
                List.of(part("Serra Quimbroa", 60), part("Vale do Trelunho", 25), part("Gatovu Hill", 15)),
                12.0,
                null));
    }

    private BlendPart part(String name, double share) {
        return new BlendPart(lot(name), share);
    }

    private long lot(String name) {
        return lots.list().stream()
                .filter(l -> l.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
