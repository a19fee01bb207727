package barrowmist.server.cupping;

import barrowmist.core.cupping.HouseLines;
import barrowmist.core.cupping.HouseProtocol;
import barrowmist.core.cupping.HouseScales;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.server.cupping.HouseViews.HouseProtocolView;
import barrowmist.server.cupping.HouseViews.KeptCupLines;
import barrowmist.server.cupping.HouseViews.KeptHouseScales;
import barrowmist.server.cupping.HouseViews.KeptProtocols;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** What the house asks of a cup, and its own scales. */
@Service
class HouseService {

    private static final StoredJson<HouseLines> LINES = StoredJson.of("cup-lines", HouseLines.class);
    private static final StoredJson<Protocols> PROTOCOLS = StoredJson.of("table-protocols", Protocols.class);
    private static final StoredJson<HouseScales> SCALES = StoredJson.of("house-scales", HouseScales.class);

    private final SettingStore settings;

    HouseService(SettingStore settings) {
        this.settings = settings;
    }

    HouseLines lines() {
        return settings.get(LINES, () -> HouseLines.DEFAULTS);
    }

    KeptCupLines keptLines() {
        return new KeptCupLines(lines(), settings.version(LINES));
    }

    KeptCupLines keep(KeptCupLines changed) {
        InputProblems.refuseIfAny(changed.lines().problems());
        return new KeptCupLines(changed.lines(), settings.keep(LINES, changed.lines(), changed.version()));
    }

    HouseScales scales() {
        return settings.get(SCALES, () -> new HouseScales(List.of()));
    }

    KeptProtocols keptProtocols() {
        Protocols kept = settings.get(PROTOCOLS, Protocols::usual);
        return KeptProtocols.of(kept.protocols(), settings.version(PROTOCOLS));
    }

    /** Dose and water of each of the house's protocols. */
    List<TableProtocol> protocols() {
        return settings.get(PROTOCOLS, Protocols::usual).protocols().stream()
                .map(p -> p.protocol().protocol())
                .toList();
    }

    KeptProtocols keep(KeptProtocols changed) {
        List<HouseProtocolView> all = Objects.requireNonNullElse(changed.protocols(), List.of());
        InputProblems.refuseIfAny(HouseProtocol.problems(
                all.stream().map(HouseProtocolView::protocol).toList()));
        return KeptProtocols.of(all, settings.keep(PROTOCOLS, new Protocols(all), changed.version()));
    }

    /** As kept. */
    record Protocols(List<HouseProtocolView> protocols) {
        static Protocols usual() {
            return new Protocols(
                    HouseProtocol.USUAL.stream().map(HouseProtocolView::of).toList());
        }
    }

    KeptHouseScales keptScales() {
        return new KeptHouseScales(scales().names(), settings.version(SCALES));
    }

    KeptHouseScales keep(KeptHouseScales changed) {
        HouseScales scales = new HouseScales(Objects.requireNonNullElse(changed.names(), List.of()));
        InputProblems.refuseIfAny(scales.problems());
        return new KeptHouseScales(scales.names(), settings.keep(SCALES, scales, changed.version()));
    }
}
