package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NamesTest {

    @ParameterizedTest
    @ValueSource(strings = {"Gast", "GAST", " gast ", "Ga\u200bst", "\uff27ast", "Gast\ufeff"})
    void aNameIsTheSameHoweverItIsSpelled(String spelled) {
        assertThat(Names.same("Gast", spelled)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Gas", "Gäst", "Ga st"})
    void anotherNameIsAnother(String other) {
        assertThat(Names.same("Gast", other)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Bell\u0007", "Nul\u0000", "None\ufffe", "Half\ud83d", "Escape\u001b[31m"})
    void whatCannotStandOnAPageIsFoundAndTakenOut(String text) {
        assertThat(Names.printable(text)).isFalse();
        assertThat(Names.printable(Names.printableOnly(text))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Ines K.", "São", "two\nlines\tand a tab", "陳", "a hill \ud83c\udf04"})
    void ordinaryTextPassesAsItIs(String text) {
        assertThat(Names.printable(text)).isTrue();
        assertThat(Names.printableOnly(text)).isSameAs(text);
    }
}
