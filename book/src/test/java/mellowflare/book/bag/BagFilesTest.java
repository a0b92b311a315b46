package mellowflare.book.bag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.job.JobFiles;
import mellowflare.book.job.JobJson;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.OwnFind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class BagFilesTest {
    private static final BagAsk ASK = BagAsk.NONE
            .with(new OwnFind("copper stub", 40, List.of("coupling 1/2", "=cap")))
            .with(new OwnFind("something else", 2.5, List.of()))
            .sighted("own-copper stub", Optional.of(BagAsk.Sight.LIKELIER))
            .sighted("iron-nipple", Optional.of(BagAsk.Sight.RULED_OUT))
            .withChance(Optional.of(0.75))
            .withBy(BagAsk.By.COST);

    private static final Job JOB = Jobs.plain("b", "Behind the cover").withBag(ASK);

    @Test
    void testWhatIsSaidOfTheBagIsReadAsWritten() throws BookTrouble {
        assertThat(JobJson.read(JobJson.write(JOB)).bag()).isEqualTo(ASK);
        assertThat(JobJson.write(Jobs.plain("b", "x"))).doesNotContain("\"bag\"");
    }

    @Test
    void testAWordThatIsNoneIsNamedWithItsField() {
        String odd = JobJson.write(JOB).replace("ruled-out", "maybe");
        assertThatThrownBy(() -> JobJson.read(odd))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("sights.iron-nipple")
                .hasMessageContaining("maybe");
        String heavy = JobJson.write(JOB).replace("\"weight\":40.0", "\"weight\":-4");
        assertThatThrownBy(() -> JobJson.read(heavy)).isInstanceOf(BookTrouble.class);
    }

    @Test
    void testEveryKindOfJobHasItsBagOnPaper() throws Exception {
        Evaluation e = Evaluation.of(JOB, Jobs.DATA);
        String list = Jobs.paperText("bag-list", e);
        // What a spreadsheet could take for a formula is not written as one.
        assertThat(list).contains("coupling 1/2").contains("'=cap");
        try (PDDocument d = Loader.loadPDF(Jobs.paper("bag", e))) {
            String text = new PDFTextStripper().getText(d);
            assertThat(text)
                    .contains("Bag: Behind the cover")
                    .contains("coupling 1/2")
                    .contains("copper stub: finished with this bag.")
                    .contains("something else: a second trip.");
        }
        assertThat(JobFiles.exportText(e)).contains("\"coupling 1/2\"").contains("\"chance\"");
    }

    @Test
    void testNothingUnseenIsSaid() {
        Evaluation e = Evaluation.of(Jobs.plain("n", "n"), Jobs.DATA);
        assertThatThrownBy(() -> Jobs.paper("bag", e))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("Nothing of this job is unseen");
    }
}
