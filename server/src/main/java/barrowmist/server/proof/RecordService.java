package barrowmist.server.proof;

import barrowmist.core.trace.Proof.Outcome;
import barrowmist.core.trace.TrackRecord;
import barrowmist.core.trace.TrackRecord.Said;
import barrowmist.core.trace.TrackRecord.Tally;
import barrowmist.server.proof.ProofViews.ChangeTally;
import barrowmist.server.proof.ProofViews.OddsBand;
import barrowmist.server.proof.ProofViews.PlannedChange;
import barrowmist.server.proof.ProofViews.ProofView;
import barrowmist.server.proof.ProofViews.ProofsView;
import barrowmist.server.proof.ProofViews.RecordView;
import barrowmist.server.proof.ProofViews.SaidOf;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.trace.RuleService;
import barrowmist.server.trace.VerdictService;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was proven, and how often the program was right. */
@Service
@Transactional(readOnly = true)
public class RecordService {

    /** So many of the newest proofs are looked at. */
    private static final int MOST = 2000;

    private static final int TOLD = 50;

    private final ProofRepository proofs;
    private final LaterRoasts later;
    private final RoastService roasts;
    private final RoastLists lists;
    private final VerdictService verdicts;
    private final RuleService rules;

    RecordService(
            ProofRepository proofs,
            LaterRoasts later,
            RoastService roasts,
            RoastLists lists,
            VerdictService verdicts,
            RuleService rules) {
        this.rules = rules;
        this.proofs = proofs;
        this.later = later;
        this.roasts = roasts;
        this.lists = lists;
        this.verdicts = verdicts;
    }

    /** What may be proven of a roast, and what was. */
    ProofsView of(long roastId) {
        RoastEntity roast = roasts.get(roastId);
        List<ProofEntity> all = proofs.ofRoast(roastId);
        return new ProofsView(
                later.plansOf(roast).stream()
                        .map(p -> new PlannedChange(p.planId(), p.change().text()))
                        .toList(),
                later.others(roast),
                later.views(roast),
                (int) rules.current().rules().value("proof.batches"),
                views(all, roastsOf(all)));
    }

    /** What was put to the proof, the newest first. */
    public List<ProofView> newest() {
        List<ProofEntity> all = proofs.findAllByOrderByIdDesc(PageRequest.of(0, MOST));
        return views(all, roastsOf(all));
    }

    /** The whole record; roasts that are out of the count are out of this one. */
    RecordView record() {
        List<ProofEntity> all = proofs.findAllByOrderByIdDesc(PageRequest.of(0, MOST));
        Map<Long, RoastEntity> known = roastsOf(all);
        List<ProofEntity> counted = all.stream()
                .filter(p -> p.outcome() != null)
                .filter(p -> Stream.of(p.beforeId(), p.afterId())
                        .allMatch(id -> known.containsKey(id)
                                && Objects.requireNonNull(known.get(id))
                                        .discardedReason()
                                        .isEmpty()))
                .toList();
        Map<KnownAnswers.How, List<Said>> said = KnownAnswers.of(verdicts.judged(), counted);
        List<Said> every = said.values().stream().flatMap(List::stream).toList();
        TrackRecord record = TrackRecord.of(every);
        return new RecordView(
                every.size(),
                (int) every.stream().filter(Said::so).count(),
                KnownAnswers.told(said),
                record.byCause().entrySet().stream()
                        .map(e -> saidOf(e.getKey(), e.getValue()))
                        .toList(),
                record.byOdds().stream().map(RecordService::band).toList(),
                changes(counted, known),
                views(counted.stream().limit(TOLD).toList(), known));
    }

    private static SaidOf saidOf(String code, Tally tally) {
        return new SaidOf(code, ProofViews.labelOf(code), tally.right(), tally.n());
    }

    private static OddsBand band(TrackRecord.Band b) {
        return new OddsBand(
                b.from(), b.to(), b.said(), b.tally().right(), b.tally().n(), b.lower(), b.upper());
    }

    /** Changes of one kind and way, at one roaster, against one cause. */
    private static List<ChangeTally> changes(List<ProofEntity> counted, Map<Long, RoastEntity> known) {
        Map<List<String>, List<ProofEntity>> alike = counted.stream()
                .filter(p -> p.kind() != null)
                .collect(Collectors.groupingBy(
                        p -> List.of(machine(p, known), p.cause(), Objects.requireNonNull(p.kind())),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return alike.entrySet().stream()
                .map(e -> tally(e.getKey().get(0), e.getKey().get(1), e.getValue()))
                .toList();
    }

    private static ChangeTally tally(String machine, String cause, List<ProofEntity> all) {
        Map<String, Long> by = all.stream()
                .collect(Collectors.groupingBy(p -> Objects.requireNonNull(p.outcome()), Collectors.counting()));
        Function<Outcome, Integer> count =
                outcome -> by.getOrDefault(outcome.code(), 0L).intValue();
        return new ChangeTally(
                machine,
                ProofViews.labelOf(cause),
                ChangeWords.of(all),
                count.apply(Outcome.HELD),
                count.apply(Outcome.ESTIMATE),
                count.apply(Outcome.NOT_SHOWN),
                count.apply(Outcome.WORSE));
    }

    private static String machine(ProofEntity p, Map<Long, RoastEntity> known) {
        return Objects.requireNonNull(known.get(p.beforeId())).machine().name();
    }

    private Map<Long, RoastEntity> roastsOf(Collection<ProofEntity> all) {
        List<Long> ids = all.stream()
                .flatMap(p -> Stream.of(p.beforeId(), p.afterId()))
                .distinct()
                .toList();
        return lists.all(ids).stream().collect(Collectors.toMap(RoastEntity::id, Function.identity()));
    }

    private static List<ProofView> views(List<ProofEntity> all, Map<Long, RoastEntity> known) {
        return all.stream()
                .filter(p -> known.containsKey(p.beforeId()) && known.containsKey(p.afterId()))
                .map(p -> {
                    RoastEntity before = Objects.requireNonNull(known.get(p.beforeId()));
                    return ProofView.of(
                            p,
                            before.numberInLot(),
                            Objects.requireNonNull(known.get(p.afterId())).numberInLot(),
                            before.lot().name(),
                            before.machine().name());
                })
                .toList();
    }
}
