package barrowmist.server.green;

import java.util.OptionalInt;

/** Quakers in the roasted samples. The bench implements it, so that the green need not know the bench. */
public interface QuakerCounts {

    /** Most quakers counted in 100 g of any roast of this sample; empty when none was counted. */
    OptionalInt ofGreenSample(long greenSampleId);
}
