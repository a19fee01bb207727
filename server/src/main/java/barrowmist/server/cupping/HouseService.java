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
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** What the house asks of a cup, and its own scales. */
@Service
class HouseService {

    private static final String LINES = "cup-lines";
    private static final String PROTOCOLS = "table-protocols";
    private static final String SCALES = "house-scales";

    private final SettingStore settings;

    HouseService(SettingStore settings) {
        this.settings = settings;
    }

    HouseLines lines() {
        return settings.get(LINES, HouseLines.class, () -> HouseLines.DEFAULTS);
    }

    KeptCupLines keptLines() {
        return KeptCupLines.of(lines(), settings.version(LINES));
    }

    KeptCupLines keep(KeptCupLines changed) {
        InputProblems.refuseIfAny(changed.lines().problems());
        return KeptCupLines.of(changed.lines(), settings.keep(LINES, changed.lines(), changed.version()));
    }

    HouseScales scales() {
        return settings.get(SCALES, HouseScales.class, () -> new HouseScales(List.of()));
    }

    KeptProtocols keptProtocols() {
        Protocols kept = settings.get(PROTOCOLS, Protocols.class, Protocols::usual);
        return KeptProtocols.of(kept.protocols(), settings.version(PROTOCOLS));
    }

    /** Dose and water of each of the house's protocols. */
    List<TableProtocol> protocols() {
        return settings.get(PROTOCOLS, Protocols.class, Protocols::usual).protocols().stream()
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
