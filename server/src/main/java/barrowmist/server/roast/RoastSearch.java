package barrowmist.server.roast;

import barrowmist.server.web.InputProblems;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.Expression;
import jakarta.persistence.criteria.Predicate;
import jakarta.persistence.criteria.Root;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.domain.Specification;

/**
 * What is looked for among the roasts; everything that is null or empty does not narrow.
 *
 * @param words each of them in the name of the lot, the roaster or a fault
 * @param fault such as {@code crash}
 * @param figure a figure whose range is given by {@code min} and {@code max}
 * @param production batches of production alone, or, where it is false, what is no such batch
 * @param discarded roasts that were set aside, and only those
 */
record RoastSearch(
        @Nullable Long lotId,
        @Nullable Long machineId,
        @Nullable LocalDate onOrAfter,
        @Nullable LocalDate onOrBefore,
        @Nullable String words,
        @Nullable String fault,
        @Nullable String figure,
        @Nullable Double min,
        @Nullable Double max,
        @Nullable Boolean production,
        boolean discarded) {

    /** Figures that can be searched, with their columns. */
    private static final Map<String, String> COLUMNS = Map.of(
            "chargeC", "chargeC",
            "turningPointS", "turningPointS",
            "dryEndS", "dryEndS",
            "firstCrackS", "firstCrackS",
            "totalS", "dropS",
            "dropC", "dropC",
            "rorAtFirstCrackCPerMin", "rorAtFirstCrack",
            "rorPeakCPerMin", "rorPeak");

    private static final String DEVELOPMENT = "developmentPct";
    private static final int MOST_WORDS = 6;

    /** Finds the lots and the roasters of a word, so that not each roast is compared by their names. */
    interface Names {

        /** Lots with the word in their name. */
        List<Long> lots(String word);

        /** Roasters with the word in their name. */
        List<Long> machines(String word);
    }

    /** Newest first. The one roaster or lot goes before, which changes nothing but finds the index of that order. */
    Sort order() {
        Sort newest = Sort.by("roastedAt", "id").descending();
        if (machineId != null) {
            return Sort.by("machine.id").and(newest);
        }
        return lotId != null ? Sort.by("lot.id").and(newest) : newest;
    }

    Specification<RoastEntity> specification(ZoneId zone, Names names) {
        return (root, query, cb) -> {
            List<Predicate> all = new ArrayList<>();
            all.add(discarded ? cb.isNotNull(root.get("discardedReason")) : cb.isNull(root.get("discardedReason")));
            if (lotId != null) {
                all.add(cb.equal(root.get("lot").get("id"), lotId));
            }
            if (machineId != null) {
                all.add(cb.equal(root.get("machine").get("id"), machineId));
            }
            if (onOrAfter != null) {
                all.add(cb.greaterThanOrEqualTo(
                        root.get("roastedAt"), onOrAfter.atStartOfDay(zone).toInstant()));
            }
            if (onOrBefore != null) {
                all.add(cb.lessThan(
                        root.get("roastedAt"),
                        onOrBefore.plusDays(1).atStartOfDay(zone).toInstant()));
            }
            if (production != null) {
                all.add(cb.equal(root.get("production"), production));
            }
            if (fault != null && !fault.isBlank()) {
                all.add(like(cb, root.get("faults"), fault));
            }
            wordsIn(root, cb, names, all);
            rangeIn(root, cb, all);
            return cb.and(all.toArray(Predicate[]::new));
        };
    }

    private void wordsIn(Root<RoastEntity> root, CriteriaBuilder cb, Names names, List<Predicate> all) {
        String[] each = words == null ? new String[0] : words.strip().split("\\s+");
        for (int i = 0; i < Math.min(each.length, MOST_WORDS); i++) {
            if (!each[i].isEmpty()) {
                all.add(cb.or(
                        root.get("lot").get("id").in(names.lots(each[i])),
                        root.get("machine").get("id").in(names.machines(each[i])),
                        like(cb, root.get("faults"), each[i])));
            }
        }
    }

    /** Codes of faults are written small. */
    private static Predicate like(CriteriaBuilder cb, Expression<String> codes, String word) {
        String escaped = word.toLowerCase(Locale.ROOT).replaceAll("([%_\\\\])", "\\\\$1");
        return cb.like(codes, "%" + escaped + "%", '\\');
    }

    private void rangeIn(Root<RoastEntity> root, CriteriaBuilder cb, List<Predicate> all) {
        if (figure == null || figure.isBlank()) {
            return;
        }
        Expression<Double> value;
        if (figure.equals(DEVELOPMENT)) {
            Expression<Double> drop = root.get("figures").get("dropS");
            Expression<Double> crack = root.get("figures").get("firstCrackS");
            value = cb.quot(cb.prod(cb.diff(drop, crack), 100.0), drop).as(Double.class);
        } else if (COLUMNS.containsKey(figure)) {
            value = root.get("figures").get(COLUMNS.get(figure));
        } else {
            throw new InputProblems(
                    "figure",
                    "\"" + figure + "\" cannot be searched, expected " + DEVELOPMENT + " or one of "
                            + String.join(
                                    ", ", COLUMNS.keySet().stream().sorted().toList()));
        }
        if (min != null) {
            all.add(cb.greaterThanOrEqualTo(value, min));
        }
        if (max != null) {
            all.add(cb.lessThanOrEqualTo(value, max));
        }
        all.add(cb.isNotNull(value));
    }
}
