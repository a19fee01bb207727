package barrowmist.server.batch;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Bags by the batches that went into them. */
final class Bags {

    private Bags() {}

    static Map<Long, List<String>> byRoast(List<BagEntity> bags) {
        return bags.stream()
                .collect(Collectors.groupingBy(
                        BagEntity::roastId,
                        LinkedHashMap::new,
                        Collectors.mapping(BagEntity::bag, Collectors.toList())));
    }
}
