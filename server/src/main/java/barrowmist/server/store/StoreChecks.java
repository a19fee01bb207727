package barrowmist.server.store;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.LotRules;
import barrowmist.server.store.StoreViews.CheckEntry;
import barrowmist.server.store.StoreViews.StoreEntry;
import barrowmist.server.web.Optionals;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What is wrong with what was entered of a lot in the store. Ranges are plausibility, house defaults. */
final class StoreChecks {

    private static final int LONGEST = 200;
    private static final int CURRENCY = 3;
    private static final double MOST_PRICE = 10_000;
    private static final int MOST_BAGS = 5000;

    private StoreChecks() {}

    static List<FieldProblem> problems(StoreEntry e, double arrivedKg) {
        Checks checks = store(new Checks(), e.storageC(), e.storageRhPct());
        text(checks, "farm", e.farm(), LONGEST);
        text(checks, "variety", e.variety(), LONGEST);
        text(checks, "processDetail", e.processDetail(), LONGEST);
        text(checks, "currency", e.currency(), CURRENCY);
        OptionalDouble bags = e.bags() == null ? OptionalDouble.empty() : OptionalDouble.of(e.bags());
        return checks.range("bags", "Bags", bags, 1, MOST_BAGS, "")
                .range("price", "Price", Optionals.of(e.price()), 0, MOST_PRICE, "for a kilo")
                .range("soldKg", "Sold", Optionals.of(e.soldKg()), 0, arrivedKg, "kg")
                .problems();
    }

    static List<FieldProblem> problems(CheckEntry e, LocalDate today) {
        Checks checks = LotRules.water(
                store(new Checks(), e.storageC(), e.storageRhPct()),
                Optionals.of(e.moisturePct()),
                Optionals.of(e.waterActivity()));
        text(checks, "smell", e.smell(), LONGEST);
        if (e.on() != null && e.on().isAfter(today)) {
            checks.add("on", "on is " + e.on() + ", a day to come");
        }
        boolean nothing = e.moisturePct() == null
                && e.waterActivity() == null
                && (e.smell() == null || e.smell().isBlank())
                && e.storageC() == null
                && e.storageRhPct() == null;
        if (nothing) {
            checks.add("moisturePct", "Nothing was measured: enter at least one figure, or the smell");
        }
        return checks.problems();
    }

    private static Checks store(Checks checks, @Nullable Double c, @Nullable Double rhPct) {
        return checks.range("storageC", "Temperature of the store", Optionals.of(c), -20, 60, "°C")
                .range("storageRhPct", "Humidity of the store", Optionals.of(rhPct), 1, 100, "%");
    }

    private static void text(Checks checks, String field, @Nullable String text, int longest) {
        if (text != null && text.length() > longest) {
            checks.add(field, field + " has at most " + longest + " characters");
        }
    }
}
