package barrowmist.server.cupping;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.HouseScales;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.Intensity;
import barrowmist.core.cupping.ValueScore;
import barrowmist.core.cupping.WordPlace;
import java.util.Arrays;
import java.util.List;

/**
 * A form, as whoever draws it needs to know.
 *
 * @param attributes what is scored, in its order
 * @param intensities what else may be marked
 * @param places where words belong; empty where they belong nowhere
 * @param scales the house's own
 */
public record FormView(
        CuppingForm form,

        List<ScaleView> attributes,
        List<ScaleView> intensities,
        List<PlaceView> places,
        List<ScaleView> scales) {

    /**
     * A scale.
     *
     * @param field its name on the wire
     * @param from where the drawn scale begins: what is below is typed
     * @param begin where stepping begins
     */
    public record ScaleView(
            String field, String label, double least, double from, double most, double step, double begin) {
        static ScaleView whole(String field, String label, int least, int most) {
            return new ScaleView(field, label, least, least, most, 1, Math.rint((least + most) / 2.0));
        }
    }

    /** Where words belong, and how many fit there. */
    public record PlaceView(WordPlace place, String label, int most) {}

    static List<FormView> all(HouseScales house) {
        List<ScaleView> scales = house.names().stream()
                .map(n -> ScaleView.whole(n, n, 0, HouseScales.MOST))
                .toList();
        return Arrays.stream(CuppingForm.values())
                .map(f -> new FormView(
                        f,
                        attributes(f),
                        Intensity.of(f).stream()
                                .map(i -> ScaleView.whole(i.field(), i.label(), i.least(), i.most()))
                                .toList(),
                        f == CuppingForm.VALUE_ASSESSMENT ? wordPlaces() : List.of(),
                        f == CuppingForm.TRIAGE ? List.of() : scales))
                .toList();
    }

    private static List<ScaleView> attributes(CuppingForm form) {
        return switch (form) {
            case HUNDRED_POINT ->
                Arrays.stream(Attribute.values())
                        .map(a -> new ScaleView(
                                a.code(),
                                a.label(),
                                0,
                                HundredPointSheet.SPECIALTY_FROM,
                                HundredPointSheet.SCORE_MAX,
                                HundredPointSheet.SCORE_STEP,
                                HundredPointSheet.SPECIALTY_FROM + 1))
                        .toList();
            case VALUE_ASSESSMENT ->
                Arrays.stream(ValueScore.Section.values())
                        .map(s -> ScaleView.whole(s.field(), s.field(), ValueScore.LEAST, ValueScore.MOST))
                        .toList();
            case TRIAGE -> List.of();
        };
    }

    private static List<PlaceView> wordPlaces() {
        return Arrays.stream(WordPlace.values())
                .map(p -> new PlaceView(p, p.label(), p.most()))
                .toList();
    }
}
