package barrowmist.server.roast;

import barrowmist.core.green.SampleStage;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.ReadResult.LineProblem;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.Numbers;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes roast logs in as roasts. */
@Service
@Transactional
public class ImportService {

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
        return keep(sample, machines.get(request.machineId()), read(file, request), file, request);
    }

    /**
     * Keeps a log as a roast of the lot that its notes name; they also say, where the request does not, the sample, the
     * roaster and the weights.
     */
    RoastView importByNotes(byte[] file, ImportRequest request) {
        ReadResult.Accepted log = read(file, request);
        LogNotes notes = new LogNotes(log.notes());
        List<LineProblem> problems = new ArrayList<>();
        Optional<LotEntity> lot = lot(notes, problems);
        Optional<MachineEntity> machine = machine(notes, request, problems);
        Optional<SampleStage> stage = request.stage().or(() -> stage(notes, problems));
        ImportRequest weighed = request.weighing(
                request.greenG() != null ? request.greenG() : grams(notes, "green_g", problems),
                request.roastedG() != null ? request.roastedG() : grams(notes, "roasted_g", problems));
        if (!problems.isEmpty()) {
            throw LogRefused.of(new ReadResult.Refused(problems));
        }
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
        String hash = hash(file);
        if (!request.again()) {
            refuseTwice(lotId, machine.id(), hash);
        }
        RoastEntity roast = new RoastEntity(
                sample, machine, kept.highestNumber(lotId) + 1, roastedAt(log, request), log.log(), hash);
        roast.setEvents(log.events());
        RoastEntity saved = roasts.keepNew(roast);
        weights.keep(saved, request.greenG(), request.roastedG());
        return RoastView.of(saved);
    }

    private static ReadResult.Accepted read(byte[] file, ImportRequest request) {
        ReadResult result = RoastLogReader.read(file, request.options());
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

    private Instant roastedAt(ReadResult.Accepted log, ImportRequest request) {
        if (request.roastedAt() != null) {
            return request.roastedAt();
        }
        return new LogNotes(log.notes())
                .roastedAt(clock.getZone())
                .or(() -> Optional.ofNullable(request.fileAt()))
                .orElseGet(clock::instant);
    }

    private Optional<LotEntity> lot(LogNotes notes, List<LineProblem> problems) {
        Optional<String> name = notes.text("lot");
        if (name.isEmpty()) {
            problems.add(new LineProblem(
                    0,
                    "The log does not say which lot was roasted: add a line \"# lot: its name\", or choose the lot"));
            return Optional.empty();
        }
        List<LotEntity> found = lots.named(name.get(), notes.text("supplier"));
        if (found.size() == 1) {
            return Optional.of(found.get(0));
        }
        problems.add(new LineProblem(
                0,
                found.isEmpty()
                        ? "There is no lot called " + name.get() + ": enter it first, or choose the lot"
                        : "There are " + found.size() + " lots called " + name.get()
                                + ": add a line \"# supplier: its name\", or choose the lot"));
        return Optional.empty();
    }

    private Optional<MachineEntity> machine(LogNotes notes, ImportRequest request, List<LineProblem> problems) {
        if (request.machineId() != null || notes.text("machine").isEmpty()) {
            return Optional.empty();
        }
        String name = notes.text("machine").get();
        Optional<MachineEntity> found = machines.named(name);
        if (found.isEmpty()) {
            problems.add(new LineProblem(
                    0, "There is no roaster called " + name + ": enter it first, or choose the roaster"));
        }
        return found;
    }

    private static Optional<SampleStage> stage(LogNotes notes, List<LineProblem> problems) {
        try {
            return ImportRequest.stage(notes.text("sample").orElse(null));
        } catch (InputProblems e) {
            e.problems().forEach(p -> problems.add(new LineProblem(0, p.message())));
            return Optional.empty();
        }
    }

    private static @Nullable Double grams(LogNotes notes, String key, List<LineProblem> problems) {
        Optional<String> text = notes.text(key);
        if (text.isEmpty()) {
            return null;
        }
        OptionalDouble grams = new Numbers(true).number(text.get());
        if (grams.isEmpty()) {
            problems.add(new LineProblem(0, key + " is \"" + text.get() + "\", expected grams such as 120.5"));
            return null;
        }
        return grams.getAsDouble();
    }

    private static String hash(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("SHA-256 is part of every Java", e);
        }
    }
}
