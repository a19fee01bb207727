package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.cupping.panel.Leaning;
import barrowmist.server.cupping.SensoryViews.DifferenceView;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the counted answers of a triangle come to. */
@Component
class TriangleOutcomes {

    private final SampleNames names;

    TriangleOutcomes(SampleNames names) {
        this.names = names;
    }

    /** Who leaned which way is said only once it is told what is in the cups. */
    DifferenceView of(CuppingEntity table, List<CupSetEntity> all) {
        List<CupSetEntity> answered =
                all.stream().filter(s -> s.answered().isPresent()).toList();
        int right = (int) answered.stream().filter(CupSetEntity::right).count();
        int people =
                (int) answered.stream().map(CupSetEntity::cupper).distinct().count();
        Difference d = Difference.of(answered.size(), right, people);
        return new DifferenceView(
                d.n(),
                d.right(),
                d.p(),
                d.needed(),
                d.byGuessing(),
                d.shown(),
                d.people(),
                d.power(),
                d.atMost(),
                table.told() ? leanings(table, answered) : List.of(),
                d.text());
    }

    private List<String> leanings(CuppingEntity table, List<CupSetEntity> answered) {
        List<CupSetEntity> told = answered.stream().filter(CupSetEntity::right).toList();
        String first = names.of(table.samples().get(0));
        String second = names.of(table.samples().get(1));
        return Stream.of(
                        leaning(told, CupSetEntity::sweeter).text("sweeter", first, second),
                        leaning(told, CupSetEntity::preferred).text("preferred", first, second))
                .filter(text -> !text.isEmpty())
                .toList();
    }

    private static Leaning leaning(List<CupSetEntity> told, Function<CupSetEntity, CupSetEntity.@Nullable Side> which) {
        List<Boolean> said =
                told.stream().flatMap(s -> s.isFirst(which.apply(s)).stream()).toList();
        int first = (int) said.stream().filter(f -> f).count();
        return Leaning.of(first, said.size() - first);
    }
}
