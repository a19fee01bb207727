package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.panel.Panel;
import barrowmist.core.cupping.panel.Spread;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A panel on the wire; figures are not rounded. */
public final class PanelViews {

    private PanelViews() {}

    /** One cupper's final score. */
    public record CupperScore(String cupper, double score) {}

    /**
     * What a sample was given.
     *
     * @param freed mean as it would be had every cupper begun at the same height; left out where that cannot be said
     * @param qualityClass of the median, on the form that has classes
     * @param cups cups tasted, over all cuppers
     * @param faultyCups of them with a taint or a fault
     * @param attributes one by one
     * @param supplierSays what the supplier says of its lot
     */
    public record PanelSample(
            String code,
            @Nullable Long roastId,
            double mean,
            double median,
            OptionalDouble sd,
            OptionalDouble freed,
            @Nullable String qualityClass,
            int cups,
            int faultyCups,
            List<PanelWord> words,
            List<PanelAttribute> attributes,
            @Nullable String supplierSays,
            List<CupperScore> scores) {}

    /**
     * A word.
     *
     * @param cuppers who found it
     * @param cups in how many cups, over all cuppers
     */
    public record PanelWord(String word, int cuppers, int cups) {}

    /** One attribute over all cuppers. */
    public record PanelAttribute(
            String field, @JsonUnwrapped Spread spread) {}

    /**
     * How far the cuppers agree; what cannot be said is left out.
     *
     * @param smallestDifference between two means that this table could show, points
     */
    public record AgreementView(
            OptionalDouble icc21,
            OptionalDouble icc21Lower,
            OptionalDouble icc21Upper,
            OptionalDouble icc2k,
            OptionalDouble kendallW,
            OptionalDouble friedmanQ,
            OptionalDouble friedmanP,
            OptionalDouble smallestDifference) {}

    /**
     * A cupper.
     *
     * @param repeats how far the same coffee under several codes was given the same, points; left out where none was
     */
    public record PanelMember(@JsonUnwrapped Panel.Cupper cupper, OptionalDouble repeats) {}

    /**
     * A whole table.
     *
     * @param form on which these scores were given
     * @param forms all that were written on at the table: scores of two do not make a mean
     * @param leftOut codes and cuppers that have no part in the agreement, because a score is missing
     * @param text what can be said of the order
     */
    public record PanelView(
            CuppingForm form,
            List<CuppingForm> forms,
            List<PanelSample> samples,
            @Nullable AgreementView agreement,
            List<PanelMember> cuppers,
            List<String> leftOut,
            String text) {}
}
