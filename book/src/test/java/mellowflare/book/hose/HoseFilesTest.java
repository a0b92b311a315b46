package mellowflare.book.hose;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import mellowflare.book.Jobs;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Angle;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class HoseFilesTest {
    private static Evaluation evaluate(Job job) {
        return Evaluation.of(job, Jobs.DATA);
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void testPartsListSaysWhatLacksAndWhatItCosts() throws Exception {
        List<String> lines =
                Jobs.paperText("parts", evaluate(Jobs.demo().get(2))).lines().toList();
        assertThat(lines.get(0)).isEqualTo("part,name,amount,need,on_shelf,lacks,price,cost");
        assertThat(lines.get(1)).isEqualTo("KH2-08,two-wire hose -8,1056 mm (41 9/16 in),1.056,14,0,10.24,10.813");
        assertThat(lines.get(lines.size() - 1)).startsWith(",all,,,,,,39.293");
    }

    @Test
    void testDrawingIsWellFormedAndShowsItsSeals() throws Exception {
        Job odd = Jobs.demo().get(2).withTitle("Hose <A> & \"B\" \u0001");
        String svg = Jobs.paperText("drawing", evaluate(odd));
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(document.getElementsByTagName("title").item(0).getTextContent())
                .isEqualTo("Hose <A> & \"B\" ");
        assertThat(svg).contains("#e2711d").contains("1140 mm").contains("slew motor");
    }

    @Test
    void testHandOverSheetPicturesTheClockAngleAndNamesDieAndCrimp() throws Exception {
        Job chiller = Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-chiller"))
                .findFirst()
                .orElseThrow();
        String sheet = text(Jobs.paper("hand-over", evaluate(chiller)));
        assertThat(sheet)
                .contains("elbow B at 120°")
                .contains("die B10")
                .contains("crimp to, mm")
                .contains("26.2")
                .contains("series B");
    }

    @Test
    void testHandOverSheetWithoutAClockAngleForbidsTheCrimp() throws Exception {
        String sheet = text(Jobs.paper("hand-over", evaluate(Jobs.demo().get(0))));
        assertThat(sheet).contains("Do not crimp the second elbow").contains("Stops: clear these first");
        Job said = Jobs.demo().get(0).change(HoseLineKind.HOSE, l -> l.withClocking(Optional.of(Angle.ofDegrees(5))));
        assertThat(text(Jobs.paper("hand-over", evaluate(said)))).contains("elbow B at 5°");
    }

    @Test
    void testEmptyLineStillMakesEverySheet() throws Exception {
        Evaluation empty = evaluate(Job.open("x", "", "", mellowflare.core.measure.UnitSystem.METRIC));
        assertThat(Jobs.paper("hand-over", empty)).isNotEmpty();
        assertThat(Jobs.paper("tag", empty)).isNotEmpty();
        assertThat(Jobs.paperText("parts", empty).lines()).hasSize(2);
        assertThat(Jobs.paperText("drawing", empty)).contains("not identified");
    }
}
