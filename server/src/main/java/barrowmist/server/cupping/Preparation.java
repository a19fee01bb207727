package barrowmist.server.cupping;

import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.Grind;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.cupping.TableTiming;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * How the cups are prepared; what is left out is not known.
 *
 * @param ratio parts of drink to one of coffee; only in answers
 * @param grind how it is ground, in the house's words
 * @param throughPct what of the ground coffee falls through a sieve of 850 µm, %
 * @param breakS when the crust is broken, s after the pour; left out as published
 * @param tasteC from which temperature on is tasted; left out as published
 * @param tasteS or from which moment after the pour on, s
 * @param milkMl milk in a cup
 * @param yieldG of a shot of espresso
 * @param shotS how long it runs
 * @param preInfusionS of that with low pressure
 * @param shots it took to get there
 */
public record Preparation(
        @Schema(example = "8.25") @Nullable Double doseG,
        @Schema(example = "150") @Nullable Double waterMl,

        @Schema(example = "18.2", accessMode = Schema.AccessMode.READ_ONLY) @Nullable
        Double ratio,

        @Schema(example = "93") @Nullable Double waterC,
        @Schema(example = "150") @Nullable Double tdsPpm,

        @Schema(example = "a little coarser than for filter") @Nullable
        String grind,

        @Schema(example = "72") @Nullable Double throughPct,

        @Schema(example = "240") @Nullable Double breakS,
        @Schema(example = "71") @Nullable Double tasteC,
        @Schema(example = "600") @Nullable Double tasteS,

        Drink.@Nullable Serving serving,

        @Schema(example = "50") @Nullable Double milkMl,
        @Schema(example = "36") @Nullable Double yieldG,
        @Schema(example = "28") @Nullable Double shotS,
        @Schema(example = "6") @Nullable Double preInfusionS,
        @Schema(example = "3") @Nullable Integer shots) {

    static Preparation of(TableProtocol p) {
        Drink.Shot shot = p.drink().shot();
        return new Preparation(
                Optionals.orNull(p.doseG()),
                Optionals.orNull(p.waterMl()),
                Optionals.orNull(p.ratio()),
                Optionals.orNull(p.waterC()),
                Optionals.orNull(p.tdsPpm()),
                p.grind().words().orElse(null),
                Optionals.orNull(p.grind().throughPct()),
                Optionals.orNull(p.timing().breakS()),
                Optionals.orNull(p.timing().tasteC()),
                Optionals.orNull(p.timing().tasteS()),
                p.drink().serving(),
                Optionals.orNull(p.drink().milkMl()),
                Optionals.orNull(shot.yieldG()),
                Optionals.orNull(shot.seconds()),
                Optionals.orNull(shot.preInfusionS()),
                Optionals.orNull(shot.shots()));
    }

    /** How this table is prepared; where nothing was kept nothing is said. */
    static TableProtocol ofTable(CuppingEntity table) {
        Preparation kept = table.protocol();
        return kept == null ? TableProtocol.unsaid() : kept.protocol();
    }

    /** As it is kept and answered: with its ratio, whatever ratio was sent. */
    Preparation worked() {
        return of(protocol());
    }

    /** The same with this water and its dose, or with this dose and its water; as it is without either. */
    Preparation fitted(@Nullable Double toWaterMl, @Nullable Double toDoseG) {
        TableProtocol now = protocol();
        if (toWaterMl != null) {
            InputProblems.refuseIfAny(
                    now.with(now.doseG(), OptionalDouble.of(toWaterMl)).problems());
            return of(now.with(OptionalDouble.of(TableProtocol.doseFor(toWaterMl)), OptionalDouble.of(toWaterMl)));
        }
        if (toDoseG != null) {
            InputProblems.refuseIfAny(
                    now.with(OptionalDouble.of(toDoseG), now.waterMl()).problems());
            return of(now.with(OptionalDouble.of(toDoseG), OptionalDouble.of(TableProtocol.waterFor(toDoseG))));
        }
        return worked();
    }

    /** @throws InputProblems if it is served in no known way */
    TableProtocol protocol() {
        return new TableProtocol(
                Optionals.of(doseG),
                Optionals.of(waterMl),
                Optionals.of(waterC),
                Optionals.of(tdsPpm),
                new Grind(
                        Optional.ofNullable(grind).map(String::strip).filter(g -> !g.isEmpty()),
                        Optionals.of(throughPct)),
                new Drink(
                        served(),
                        Optionals.of(milkMl),
                        new Drink.Shot(
                                Optionals.of(yieldG),
                                Optionals.of(shotS),
                                Optionals.of(preInfusionS),
                                Optionals.of(shots))),
                new TableTiming(Optionals.of(breakS), Optionals.of(tasteC), Optionals.of(tasteS)));
    }

    Drink.Serving served() {
        return serving == null ? Drink.Serving.BLACK : serving;
    }
}
