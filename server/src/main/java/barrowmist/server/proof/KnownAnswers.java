package barrowmist.server.proof;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.Proof.Outcome;
import barrowmist.core.trace.TrackRecord.Said;
import barrowmist.server.proof.ProofViews.SaidOf;
import barrowmist.server.trace.VerdictService.Judged;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What the program said of roasts of which somebody came to know what was so. */
final class KnownAnswers {

    private KnownAnswers() {}

    /** How one came to know what was so. */
    enum How implements Coded {
        FIRST("judged before the answer was read"),
        SEEN("judged after it was read: such verdicts lean towards it"),
        PROVEN("proven by a blind table");

        private final String label;

        How(String label) {
            this.label = label;
        }
    }

    static List<SaidOf> told(Map<How, List<Said>> said) {
        return said.entrySet().stream()
                .map(e -> new SaidOf(
                        e.getKey().name().toLowerCase(Locale.ROOT),
                        e.getKey().label,
                        (int) e.getValue().stream().filter(Said::so).count(),
                        e.getValue().size()))
                .toList();
    }

    /** One answer for each roast: by the lead's verdict, else by a change that held. */
    static Map<How, List<Said>> of(List<Judged> verdicts, List<ProofEntity> counted) {
        Map<How, List<Said>> out = new EnumMap<>(How.class);
        Set<Long> known = new HashSet<>();
        for (Judged j : verdicts) {
            known.add(j.roastId());
            out.computeIfAbsent(j.first() ? How.FIRST : How.SEEN, h -> new ArrayList<>())
                    .add(new Said(j.said(), j.saidOdds(), agrees(j)));
        }
        for (ProofEntity p : counted) {
            if (Outcome.HELD.code().equals(p.outcome()) && known.add(p.beforeId())) {
                out.computeIfAbsent(How.PROVEN, h -> new ArrayList<>())
                        .add(new Said(p.said(), p.saidOdds(), p.said().equals(p.cause())));
            }
        }
        return out;
    }

    /** A verdict of none of the causes leaves open whether anything was wrong. */
    private static boolean agrees(Judged j) {
        return j.said().equals(j.cause())
                || "none".equals(j.cause()) && List.of("sound", "none").contains(j.said());
    }
}
