package barrowmist.server.green;

import barrowmist.core.green.LotRules;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import org.jspecify.annotations.Nullable;

/** A lot as it is entered; {@code version} is the one it was changed from. */
record LotEntry(@JsonUnwrapped LotRules.Entry lot, @Nullable Long version) {}
