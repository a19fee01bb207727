package barrowmist.server.cupping;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/** Reads cup numbers: a list as it stands; a single number n as the cups 1 to n. */
class CupNumbers extends ValueDeserializer<List<Integer>> {

    private static final int MOST = 100;

    @Override
    public List<Integer> deserialize(JsonParser p, DeserializationContext context) {
        if (p.currentToken() == JsonToken.VALUE_NUMBER_INT) {
            return IntStream.rangeClosed(1, Math.min(p.getIntValue(), MOST))
                    .boxed()
                    .toList();
        }
        List<Integer> cups = new ArrayList<>();
        if (p.currentToken() != JsonToken.START_ARRAY) {
            return reported(context, p);
        }
        while (p.nextToken() != JsonToken.END_ARRAY) {
            if (p.currentToken() != JsonToken.VALUE_NUMBER_INT) {
                return reported(context, p);
            }
            cups.add(p.getIntValue());
        }
        return cups;
    }

    private static List<Integer> reported(DeserializationContext context, JsonParser p) {
        return context.reportInputMismatch(
                List.class, "expected cup numbers such as [1,2,3], or one number of cups, not %s", p.currentToken());
    }
}
