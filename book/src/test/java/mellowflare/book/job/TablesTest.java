package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.book.Jobs;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Plan;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The tables of every demo job, in both systems of units, and on its sheet. */
class TablesTest {
    private static List<FigureTable> tables(Job job) {
        return Evaluation.of(job, Jobs.DATA).plan().tables();
    }

    @Test
    void testUnitsStandInHeadingsAndFiguresAreFigures() {
        List<String> odd = new ArrayList<>();
        int looked = 0;
        for (Job job : Jobs.demo()) {
            for (UnitSystem units : UnitSystem.values()) {
                for (FigureTable t : tables(job.withUnits(units))) {
                    looked++;
                    assertThat(t.title()).isNotBlank();
                    assertThat(t.rows()).as(job.id() + " " + t.title()).isNotEmpty();
                    for (int i = 0; i < t.columns().size(); i++) {
                        int at = i;
                        if (t.columns().get(i).figures()) {
                            t.rows().stream()
                                    .map(r -> r.cells().get(at))
                                    .filter(
                                            c -> !c.matches(
                                                    "|–|[0-9./ ()<>-]+|.*[0-9°] ?(m|pieces?|mm|in|ft|°).*|.*end [AB]|length open"))
                                    .forEach(c -> odd.add(job.id() + " " + t.title() + ": " + c));
                        }
                    }
                }
            }
        }
        assertThat(odd).isEmpty();
        assertThat(looked).isGreaterThan(40);
    }

    @Test
    void testEachTableAloneIsTheOneAmongAll() {
        for (Job job : Jobs.demo()) {
            Plan plan = Evaluation.of(job, Jobs.DATA).plan();
            List<FigureTable> alone = Stream.of(FigureTable.What.values())
                    .flatMap(w -> plan.table(w).stream())
                    .toList();
            assertThat(alone).as(job.id()).containsExactlyInAnyOrderElementsOf(plan.tables());
        }
    }

    @Test
    void testTheCutOfAHoseAndATubeAddsUp() {
        for (String id : List.of("demo-slew-hose", "demo-tube-fuel")) {
            Job job = Jobs.demo().stream()
                    .filter(j -> j.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            FigureTable sum = tables(job.withUnits(UnitSystem.METRIC)).get(0);
            double all = sum.rows().stream()
                    .mapToDouble(r -> Double.parseDouble(r.cells().get(1)))
                    .sum();
            assertThat(Double.parseDouble(sum.sum().orElseThrow().get(1)))
                    .as(id)
                    .isCloseTo(all, org.assertj.core.data.Offset.offset(0.02));
        }
    }

    @Test
    void testTheSheetPrintsEveryTableWithItsHeadingsAndTheRecord() throws Exception {
        for (String id : List.of("demo-slew-hose", "demo-tube-fuel", "demo-shed-air", "demo-pipe-run")) {
            Evaluation e = Evaluation.of(
                    Jobs.demo().stream()
                            .filter(j -> j.id().equals(id))
                            .findFirst()
                            .orElseThrow(),
                    Jobs.DATA);
            String text;
            try (var document = Loader.loadPDF(Jobs.paper("sheet", e))) {
                text = new PDFTextStripper().getText(document);
            }
            for (FigureTable t : e.plan().tables()) {
                assertThat(text).as(id).contains(t.title());
                t.columns().stream()
                        .filter(c -> c.figures() && !c.unit().isEmpty())
                        .forEach(c -> assertThat(text.replaceAll("\\s+", " "))
                                .as(id + " " + t.title())
                                .contains(c.unit()));
            }
            assertThat(text).contains("tested by", "accepted by");
        }
    }
}
