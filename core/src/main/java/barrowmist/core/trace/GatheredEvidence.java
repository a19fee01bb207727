package barrowmist.core.trace;

import java.util.ArrayList;
import java.util.List;

/** Gathers the evidence for one cause. */
final class GatheredEvidence {

    private final List<Evidence> evidence = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();

    void add(Evidence e) {
        evidence.add(e);
    }

    void add(Evidence.Source source, double weight, String text) {
        evidence.add(Evidence.of(source, weight, text));
    }

    void missing(String text) {
        missing.add(text);
    }

    List<Evidence> evidence() {
        return evidence;
    }

    List<String> missing() {
        return missing;
    }
}
