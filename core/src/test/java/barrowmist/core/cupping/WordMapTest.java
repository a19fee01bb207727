package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class WordMapTest {

    @Test
    void everyGroupHasAPlaceOfItsOwn() {
        assertThat(Arrays.stream(WordGroup.values()).map(g -> g.column() + "/" + g.row()))
                .doesNotHaveDuplicates()
                .allMatch(at -> at.matches("[0-2]/[0-2]"));
    }

    @Test
    void whatCanBePutOutBelongsToAWordOfTheVocabulary() {
        List<Reference.Thing> things = Reference.of(
                Vocabulary.all().stream().map(Vocabulary.Word::word).toList());
        // every thing is found by a word that is there: none waits under a word that was renamed
        assertThat(things).hasSize(42);
        assertThat(Reference.of(List.of("cocoa", "flat", "cocoa", "marzipan")))
                .containsExactly(new Reference.Thing("cocoa", "cocoa powder"));
    }

    @Test
    void nothingIsPutOutThatMustNotBeTasted() {
        assertThat(Reference.of(List.of("musty", "medicinal", "rubbery", "tobacco")))
                .isEmpty();
    }
}
