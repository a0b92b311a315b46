package mellowflare.book.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.job.BookKinds;
import mellowflare.book.job.JobFiles;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.geometry.Vector;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.TubeShape;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TubeFilesTest {
    @TempDir
    private Path folder;

    private static Evaluation demo(String id) {
        return Jobs.demo().stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .map(j -> Evaluation.of(j, Jobs.DATA))
                .orElseThrow();
    }

    private static final Evaluation FUEL = demo("demo-tube-fuel");

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void testRowsGoOutAndComeBackAsTheSameTube() throws Exception {
        String csv = Jobs.paperText("lra", FUEL);
        assertThat(csv.lines().findFirst())
                .contains("row,straight_mm,rotation_deg,bend_deg,radius_mm,start_mm,middle_mm,leg_mm,lever_deg");
        Path file = Jobs.written("lra", FUEL, folder);
        Measured back = LraCsv.read(TextFiles.read(file, "table", "CSV"));
        TubeShape shape = TubeShape.of(back, Length.ofMm(23.8), Length.ofMm(9.525));
        var was = FUEL.plan(TubeLineKind.TUBE).orElseThrow().c().shape();
        assertThat(shape.developed().orElseThrow().mm())
                .isCloseTo(was.developed().orElseThrow().mm(), within(1e-4));
        assertThat(shape.endToEnd().orElseThrow().mm())
                .isCloseTo(was.endToEnd().orElseThrow().mm(), within(1e-4));
    }

    @Test
    void testPointsAreReadWithOtherColumnsPassedOver() throws Exception {
        Measured m = LraCsv.read("\uFEFFname,x_mm,y_mm,z_mm\na,0,0,0\nb,100,0,0\nc,100,50,\n");
        assertThat(m)
                .isEqualTo(new Measured.Points(
                        List.of(new Vector(0, 0, 0), new Vector(100, 0, 0), new Vector(100, 50, 0))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "~straight_mm,rotation_deg,bend_deg\n10,0,x~|Line 2, column bend_deg: “x” is not a number.",
                "~straight_mm,rotation_deg,bend_deg\n10,0,200~|between 0 and 180 degrees",
                "~straight_mm,rotation_deg,bend_deg\n-10,0,20~|not below zero",
                "~a,b\n1,2~|The headings must be straight_mm",
                "~x_mm,y_mm,z_mm~|has no rows",
                "~~|has no rows",
            })
    void testDamagedTablesAreRefusedByLineAndColumn(String text, String says) {
        assertThatThrownBy(() -> LraCsv.read(text))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining(says);
    }

    @Test
    void testTooLongATableIsRefused() {
        StringBuilder text = new StringBuilder("x_mm,y_mm,z_mm\n");
        for (int i = 0; i < 501; i++) {
            text.append(i).append(",0,0\n");
        }
        assertThatThrownBy(() -> LraCsv.read(text.toString())).hasMessageContaining("at most 500");
    }

    @Test
    void testDxfHoldsTheCentreLineInSpace() throws Exception {
        List<String> lines = Jobs.paperText("dxf", FUEL).lines().toList();
        assertThat(lines.get(0)).isEqualTo("  0");
        assertThat(lines.get(lines.size() - 1)).isEqualTo("EOF");
        // Codes and values alternate to the end; the corners are those of the path.
        assertThat(lines.size() % 2).isZero();
        List<Vector> corners = new ArrayList<>();
        for (int i = 0; i + 9 < lines.size(); i += 2) {
            if (lines.get(i).equals("  0")
                    && lines.get(i + 1).equals("VERTEX")
                    && lines.get(i + 3).equals("CORNERS")) {
                corners.add(new Vector(
                        Double.parseDouble(lines.get(i + 7)),
                        Double.parseDouble(lines.get(i + 9)),
                        Double.parseDouble(lines.get(i + 11))));
            }
        }
        List<Vector> path = FUEL.plan(TubeLineKind.TUBE)
                .orElseThrow()
                .c()
                .path()
                .orElseThrow()
                .corners();
        assertThat(corners).hasSameSizeAs(path);
        for (int i = 0; i < path.size(); i++) {
            assertThat(corners.get(i).minus(path.get(i)).length()).isLessThan(1e-5);
        }
    }

    /** The template is drawn at true size: the paths on its first sheet are as long as the tube, 72 points to the inch. */
    @Test
    void testTemplateIsTrueSizeAndCarriesARuler() throws Exception {
        byte[] pdf = Jobs.paper("template", FUEL);
        String words = text(pdf);
        assertThat(words).contains("100 mm and 4 in").contains("stretch 1 of").contains("Day tank to");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isBetween(2, 30);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(842, within(1f));
        }
        assertThatThrownBy(() -> Jobs.paper("template", demo("demo-tube-ring")))
                .hasMessageContaining("no bending template yet");
        assertThatThrownBy(() -> Jobs.paper("template", demo("demo-chiller")))
                .hasMessageContaining("has no “template”");
    }

    /** The brake tube's first stretch lies over a field of three by two sheets, one of which it does not touch. */
    @Test
    void testSheetsThatWouldStayEmptyAreNotPrinted() throws Exception {
        byte[] pdf = Jobs.paper("template", demo("demo-tube-brake"));
        assertThat(text(pdf))
                .contains("sheet B1 of 2 × 3")
                .contains("sheet B3 of 2 × 3")
                .doesNotContain("sheet B2");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(6);
        }
    }

    @Test
    void testATemplateOfTooManySheetsIsRefusedInWords() {
        Job far = FUEL.job()
                .change(
                        TubeLineKind.TUBE,
                        t -> t.withMeasured(new Measured.Points(
                                List.of(new Vector(0, 0, 0), new Vector(9000, 0, 0), new Vector(9000, 9000, 0)))));
        Evaluation worked = Evaluation.of(far, Jobs.DATA);
        long from = System.nanoTime();
        assertThatThrownBy(() -> Jobs.paper("template", worked))
                .hasMessageContaining("sheets")
                .hasMessageContaining("more than the 30 allowed");
        // It took half a minute to say no.
        assertThat(System.nanoTime() - from).isLessThan(3_000_000_000L);
    }

    @Test
    void testSheetShowsFiguresCautionsAndSteps() throws Exception {
        for (String id : List.of("demo-tube-fuel", "demo-tube-brake", "demo-tube-chiller", "demo-tube-ring")) {
            Evaluation e = demo(id);
            String sheet = text(Jobs.paper("sheet", e));
            assertThat(sheet)
                    .as(id)
                    .contains("cut the tube at")
                    .contains("How the cut comes about", "rounded up to what can be marked")
                    .contains("Ends and sealing")
                    .contains("Look for room");
            e.findings().stream()
                    .filter(f -> f.rule().id().startsWith("law"))
                    .filter(f -> f.state() == mellowflare.core.advice.State.FAIL)
                    .forEach(f ->
                            assertThat(sheet).contains(f.says(e.job().units()).replaceAll("\\s+", " ")));
        }
        assertThat(text(Jobs.paper("sheet", FUEL)))
                .contains("Shape of the tube measured by Maren")
                .contains("Bends", "All marks count from the squared end A")
                .contains("first flare on scrap decides");
    }

    @Test
    void testTagPartsDrawingAndExportOfATube() throws Exception {
        TagFacts tag = BookKinds.tag(FUEL);
        assertThat(tag.hose()).contains("stainless 3/8");
        assertThat(tag.endA()).isEqualTo("37° flare");
        assertThat(TagFacts.read(tag.text())).isEqualTo(tag);
        assertThat(Jobs.paperText("parts", FUEL).lines().toList())
                .anyMatch(l -> l.contains("37° flare sleeve for JIC37 -6"))
                .anyMatch(l -> l.contains("clamp for tube"));
        assertThat(Jobs.paperText("drawing", FUEL))
                .contains("from above")
                .contains("#e2711d")
                .contains("tank valve");
        assertThat(JobFiles.exportText(FUEL)).contains("\"kind\" : \"tube\"").contains("\"cutLength\"");
        Path file = Jobs.written("export", FUEL, folder);
        assertThat(JobFiles.read(file).line(TubeLineKind.TUBE))
                .isEqualTo(FUEL.job().line(TubeLineKind.TUBE));
        assertThatThrownBy(() -> Jobs.paper("hand-over", FUEL)).hasMessageContaining("has no “hand-over”");
        assertThat(Files.exists(Jobs.written("dxf", FUEL, folder))).isTrue();
        assertThat(Files.size(Jobs.written("template", FUEL, folder))).isPositive();
    }
}
