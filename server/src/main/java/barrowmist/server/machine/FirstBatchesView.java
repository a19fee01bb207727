package barrowmist.server.machine;

import barrowmist.core.day.FirstBatches;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * How a roaster's day begins.
 *
 * @param warmUpBatch whether a batch goes first that warms the drum and is no sample
 * @param laterC how much higher later batches are charged than planned, °C
 */
public record FirstBatchesView(
        boolean warmUpBatch, @Schema(example = "0") double laterC) {

    FirstBatches first() {
        return new FirstBatches(warmUpBatch, laterC);
    }
}
