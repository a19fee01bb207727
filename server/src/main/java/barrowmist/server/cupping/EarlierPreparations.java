package barrowmist.server.cupping;

import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.OffProtocol;
import barrowmist.core.cupping.TableProtocol;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How earlier tables were prepared: what the next one begins with, and what differs this time. */
@Component
class EarlierPreparations {

    private static final int LOOKED_THROUGH = 30;

    private final CuppingRepository cuppings;
    private final HouseService house;
    private final Clock clock;

    EarlierPreparations(CuppingRepository cuppings, HouseService house, Clock clock) {
        this.cuppings = cuppings;
        this.house = house;
        this.clock = clock;
    }

    /** What is to be said of a table before the pour. */
    List<String> warnings(CuppingEntity c) {
        if (c.protocol() == null) {
            return List.of();
        }
        TableProtocol before = like(c).map(Preparation::protocol).orElse(TableProtocol.unsaid());
        TableProtocol now = c.protocol().protocol();
        return Stream.concat(OffProtocol.pour(now, house.protocols()).stream(), now.warnings(before).stream())
                .toList();
    }

    /** The last table of the same kind, served in the same way: with others it was never to compare. */
    private Optional<Preparation> like(CuppingEntity c) {
        Drink.Serving serving =
                Objects.requireNonNull(c.protocol()).protocol().drink().serving();
        return before(c.cuppedAt(), c.id()).stream()
                .filter(t -> t.kind() == c.kind())
                .flatMap(t -> Optional.ofNullable(t.protocol()).stream())
                .filter(p -> p.protocol().drink().serving() == serving)
                .findFirst();
    }

    private List<CuppingEntity> before(Instant when, long butNot) {
        return cuppings.withProtocolBefore(when, butNot, PageRequest.of(0, LOOKED_THROUGH));
    }

    /** How the next table would be prepared: as the last black one was, or by the published protocol. */
    @Transactional(readOnly = true)
    Preparation next() {
        return before(clock.instant(), 0).stream()
                .flatMap(c -> Optional.ofNullable(c.protocol()).stream())
                .filter(p -> p.protocol().drink().serving() == Drink.Serving.BLACK)
                .findFirst()
                .orElseGet(() -> Preparation.of(TableProtocol.usual()));
    }
}
