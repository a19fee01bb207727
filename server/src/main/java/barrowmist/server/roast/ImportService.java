package barrowmist.server.roast;

import barrowmist.core.green.SampleStage;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Series;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.ControlWords;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Takes roast logs in as roasts. */
@Service
@KeptInTurn
public class ImportService {

    private static final int LONGEST_NAME = 120;

    private final RoastService roasts;
    private final RoastRepository kept;
    private final LotService lots;
    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final BatchWeights weights;
    private final Clock clock;

    ImportService(
            RoastService roasts,
            RoastRepository kept,
            LotService lots,
            GreenSampleService greenSamples,
            MachineService machines,
            BatchWeights weights,
            Clock clock) {
        this.roasts = roasts;
        this.kept = kept;
        this.lots = lots;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.weights = weights;
        this.clock = clock;
    }

    /** Keeps a log as a roast of a lot, or refuses it with everything that is wrong with it. */
    public RoastView importLog(long lotId, byte[] file, ImportRequest request) {
        GreenSampleEntity sample = greenSamples.ofLot(lotId, request.stage());
        MachineEntity machine = machines.get(request.machineId());
        return keep(
                sample, machine, read(file, request, notes -> machine.settings().words()), file, request);
    }

    /**
     * Keeps a log as a roast of the lot that its notes name; they also say, where the request does not, the sample, the
     * roaster and the weights.
     */
    RoastView importByNotes(byte[] file, ImportRequest request) {
        ReadResult.Accepted log = read(
                file,
                request,
                notes -> new NotedRoast(new LogNotes(notes))
                        .machine(machines, request)
                        .orElseGet(() -> machines.get(request.machineId()))
                        .settings()
                        .words());
        NotedRoast noted = new NotedRoast(new LogNotes(log.notes()));
        Optional<LotEntity> lot = noted.lot(lots);
        Optional<MachineEntity> machine = noted.machine(machines, request);
        Optional<SampleStage> stage = request.stage().or(noted::stage);
        ImportRequest weighed = request.weighing(
                request.greenG() != null ? request.greenG() : noted.grams("green_g"),
                request.roastedG() != null ? request.roastedG() : noted.grams("roasted_g"));
        noted.refuseIfAny();
        return keep(
                greenSamples.ofLot(lot.orElseThrow().id(), stage),
                machine.orElseGet(() -> machines.get(request.machineId())),
                log,
                file,
                weighed);
    }

    private RoastView keep(
            GreenSampleEntity sample,
            MachineEntity machine,
            ReadResult.Accepted log,
            byte[] file,
            ImportRequest request) {
        long lotId = sample.lot().id();
        int number = roasts.nextNumber(lotId);
        String hash = hash(file);
        if (!request.again()) {
            refuseTwice(lotId, machine.id(), hash);
        }
        RoastEntity roast =
                new RoastEntity(sample, machine, number, roastedAt(log, request), log.log(), hash, request.again());
        roast.setEvents(log.events());
        new LogNotes(log.notes())
                .text("roasted_by")
                .filter(n -> n.length() <= LONGEST_NAME)
                .ifPresent(roast::setRoastedBy);
        RoastEntity saved = roasts.keepNew(roast);
        weights.keep(saved, request.greenG(), request.roastedG());
        return RoastView.of(saved);
    }

    private static ReadResult.Accepted read(
            byte[] file, ImportRequest request, Function<Map<String, String>, ControlWords> scales) {
        ReadResult result = RoastLogReader.read(file, request.options(), scales);
        if (result instanceof ReadResult.Refused refused) {
            throw LogRefused.of(refused);
        }
        if (result instanceof ReadResult.NeedsMapping mapping) {
            throw LogRefused.of(mapping);
        }
        if (result instanceof ReadResult.AsksUnit asks) {
            throw LogRefused.of(asks);
        }
        return (ReadResult.Accepted) result;
    }

    private void refuseTwice(long lotId, long machineId, String hash) {
        kept.findFirstByLotIdAndMachineIdAndContentHash(lotId, machineId, hash).ifPresent(there -> {
            throw new Conflict(
                    "This log is there already, as roast " + there.numberInLot() + " of "
                            + there.lot().name() + ".",
                    Map.of("roastId", there.id()));
        });
    }

    /** @throws InputProblems if it lies in the future: a log is of a roast that was */
    private Instant roastedAt(ReadResult.Accepted log, ImportRequest request) {
        Instant at = Optional.ofNullable(request.roastedAt())
                .or(() -> new LogNotes(log.notes()).roastedAt(clock.getZone()))
                .orElseGet(() -> Optional.ofNullable(request.fileAt())
                        .orElseGet(clock::instant)
                        .minusMillis(Math.round(1000 * lengthS(log))));
        RoastMoves.refuseToCome(at, clock);
        return at;
    }

    /** From the charge to the last reading, s: a log was written, or is handed over, when it had ended. */
    private static double lengthS(ReadResult.Accepted log) {
        Series bean = log.log().beanC();
        double chargeS = log.events().timeS(EventKind.CHARGE).orElse(0);
        return bean.isEmpty() ? 0 : Math.max(0, bean.timeS(bean.size() - 1) - chargeS);
    }

    private static String hash(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("SHA-256 is part of every Java", e);
        }
    }
}
