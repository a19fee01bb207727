package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.csv.GreenReader;
import barrowmist.core.green.csv.GreenRow;
import barrowmist.core.green.csv.GreenWriter;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GreenCsvTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static final String HEADER = "name,supplier,origin,process,arrival_date,kg,moisture_pct\n";

    private static GreenReader.Result read(String text) {
        return GreenReader.read(text, TODAY);
    }

    @Test
    void whatIsWrittenIsReadBackTheSame() {
        Inspection inspection = new Inspection(
                OptionalDouble.of(10.9),
                OptionalDouble.of(0.55),
                OptionalDouble.empty(),
                OptionalDouble.of(178),
                OptionalDouble.of(250),
                OptionalDouble.of(300),
                Map.of(17, 120.5, 16, 150.0, ScreenAnalysis.PAN, 29.5),
                Optional.of(16),
                OptionalDouble.of(350),
                Optional.of(Map.of(Defect.BROKEN, 7, Defect.FULL_BLACK, 0)),
                List.of("fresh", "sweet"),
                Optional.of("green"),
                "Bag, 18 °C, \"back\" room",
                Optional.of(LocalDate.of(2026, 5, 1)),
                false);
        LotRules.Entry lot = new LotRules.Entry(
                "=Ridge, upper",
                "Lakeshore",
                "Burundi",
                Process.WET_HULLED,
                LocalDate.of(2026, 9, 1),
                60.5,
                OptionalDouble.of(10.9),
                OptionalDouble.empty(),
                "16/17",
                null);
        String csv = GreenWriter.write(List.of(new GreenRow(0, lot, SampleStage.PRE_SHIPMENT, inspection)));
        GreenReader.Result back = read(csv);
        assertThat(back.problems()).isEmpty();
        GreenRow row = back.rows().get(0);
        assertThat(row.lot()).isEqualTo(lot);
        assertThat(row.stage()).isEqualTo(SampleStage.PRE_SHIPMENT);
        assertThat(row.inspection().sieves()).isEqualTo(inspection.sieves());
        assertThat(row.inspection()
                        .defectCount(java.util.OptionalInt.empty())
                        .orElseThrow()
                        .scaled(Defect.BROKEN))
                .isEqualTo(7);
        assertThat(row.inspection().storage()).isEqualTo(inspection.storage());
        assertThat(row.inspection().density()).isEqualTo(inspection.density());
        assertThat(csv).contains("'=Ridge, upper").doesNotContain("\"=Ridge");
    }

    @Test
    void semicolonsAllowADecimalComma() {
        GreenReader.Result result =
                read("Name;Supplier;Origin;Process;Arrival date;kg;Moisture_pct\nA;B;C;natural;2026-10-01;34,5;11,2\n");
        assertThat(result.problems()).isEmpty();
        assertThat(result.rows().get(0).lot().kg()).isEqualTo(34.5);
        assertThat(result.rows().get(0).stage()).isEqualTo(SampleStage.ARRIVAL);
    }

    @Test
    void everyProblemIsNamedWithItsLineAndNothingIsKept() {
        GreenReader.Result result = read(HEADER
                + "A,B,C,washed,2026-10-01,60,11\n"
                + "D,E,F,washed,1.10.2026,60,11\n"
                + "G,H,I,boiled,2026-10-01,60,55\n"
                + "J,K,L,washed,2026-10-01,heavy,11\n");
        assertThat(result.rows()).isEmpty();
        assertThat(result.problems())
                .extracting(FieldProblem::field)
                .containsExactly("line 3", "line 4", "line 4", "line 5");
        assertThat(result.problems())
                .extracting(FieldProblem::message)
                .anyMatch(m -> m.contains("1.10.2026"))
                .anyMatch(m -> m.contains("Moisture is 55 %"))
                .anyMatch(m -> m.contains("kg is \"heavy\", expected a number"));
    }

    @Test
    void unknownAndMissingHeadingsAreSaid() {
        GreenReader.Result result = read("name,supplier,altitude\nA,B,1800\n");
        assertThat(result.problems())
                .extracting(FieldProblem::message)
                .anyMatch(m -> m.startsWith("The heading \"altitude\" is not known"))
                .anyMatch(m -> m.equals("The column kg is missing"));
        assertThat(read("").problems()).hasSize(1);
        assertThat(read(HEADER).problems()).hasSize(1);
        assertThat(read(HEADER + "\"open").problems()).isNotEmpty();
    }
}
