package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** The job sheets of all demo jobs: nothing over the edge, no step lost between columns and pages. */
class SheetsKeepTheirMarginsTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 30, 8, 0, 0, 0, ZoneOffset.UTC);
    /** A4 less the margin, with a hair for rounding (pt). */
    private static final float RIGHT = 595.3f - 48 + 1;

    /** All words, and where the last letter of each line ends. */
    private static final class Seen extends PDFTextStripper {
        private final List<String> over = new ArrayList<>();
        private final StringBuilder words = new StringBuilder();

        @Override
        protected void writeString(String text, List<TextPosition> at) {
            words.append(text).append(' ');
            TextPosition last = at.get(at.size() - 1);
            if (last.getXDirAdj() + last.getWidthDirAdj() > RIGHT) {
                over.add(text);
            }
        }
    }

    private static List<Job> jobs() {
        return BookKinds.ALL.stream()
                .flatMap(k -> k.demo(DATA, Instant.parse("2026-11-30T08:00:00Z")).stream())
                .toList();
    }

    private static Seen read(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Seen seen = new Seen();
            seen.getText(document);
            return seen;
        }
    }

    @Test
    void testNothingRunsOverTheRightEdgeAndEveryStepStandsThereOnce() throws Exception {
        List<String> over = new ArrayList<>();
        List<String> lost = new ArrayList<>();
        for (Job j : jobs()) {
            Evaluation e = Evaluation.of(j, DATA);
            Seen seen = read(Papers.bytes("sheet", e, NOW));
            seen.over.forEach(t -> over.add(j.id() + ": " + t));
            String words = " " + seen.words.toString().replaceAll("\\s+", " ");
            int number = 1;
            for (Step s : e.steps()) {
                String start = " " + first(number++ + ". " + s.title());
                if (words.split(Pattern.quote(start), -1).length != 2) {
                    lost.add(j.id() + ": " + start);
                }
            }
        }
        assertThat(over).isEmpty();
        assertThat(lost).isEmpty();
    }

    /** The first words of a title: the rest may stand on the next line. */
    private static String first(String title) {
        return java.util.Arrays.stream(title.split(" ")).limit(3).collect(Collectors.joining(" "));
    }
}
