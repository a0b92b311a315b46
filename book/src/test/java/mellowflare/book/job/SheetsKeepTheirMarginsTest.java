package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.core.advice.Finding;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The job sheets of all demo jobs: nothing over the edge, no step lost between columns and pages. */
class SheetsKeepTheirMarginsTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 30, 8, 0, 0, 0, ZoneOffset.UTC);
    /** A4 less the margin, with a hair for rounding (pt). */
    private static final float RIGHT = 595.3f - 48 + 1;

    private static final Map<String, byte[]> PAPERS = new HashMap<>();

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

    /** A paper of a job, made once: a card is tried in several lengths. */
    private static byte[] paper(String id, Evaluation e) throws BookTrouble {
        String key = id + e.job().id();
        if (!PAPERS.containsKey(key)) {
            PAPERS.put(key, Papers.bytes(id, e, NOW));
        }
        return PAPERS.get(key);
    }

    private static Seen read(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Seen seen = new Seen();
            seen.getText(document);
            return seen;
        }
    }

    /** What a line of which nothing stops is made by fits on one page; a caution and a stop never fall away for it. */
    @Test
    void testTheBenchCardIsOnePageAndKeepsEveryCautionAndEveryStop() throws Exception {
        int onePage = 0;
        for (Job j : jobs()) {
            Evaluation e = Evaluation.of(j, DATA);
            byte[] card = paper("card", e);
            try (PDDocument document = Loader.loadPDF(card)) {
                assertThat(document.getNumberOfPages()).as(j.id()).isLessThanOrEqualTo(2);
                onePage += document.getNumberOfPages() == 1 ? 1 : 0;
            }
            String words = plain(read(card).words.toString());
            boolean full = e.steps().stream()
                    .filter(s -> e.job().log().entry(s.id()).isEmpty())
                    .allMatch(s -> words.contains(plain(s.says(j.units()))));
            assertThat(full || words.contains(plain("the job sheet says each in full")))
                    .as(j.id() + ": says that it is short")
                    .isTrue();
            for (Step s : e.steps()) {
                s.cautions().forEach(c -> assertThat(words).as(j.id()).contains(plain(c)));
                s.hold().ifPresent(h -> assertThat(words).as(j.id()).contains(plain(h)));
            }
            e.findings().stream()
                    .filter(Finding::stops)
                    .forEach(f -> assertThat(words).as(j.id()).contains(plain(f.says(j.units()))));
        }
        assertThat(onePage).isGreaterThanOrEqualTo(24);
    }

    /** Letters alone: where lines break says nothing. */
    private static String plain(String text) {
        return text.replaceAll("[^\\p{L}\\p{N}]+", "");
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet", "card"})
    void testNothingRunsOverTheRightEdgeAndEveryStepStandsThereOnce(String paper) throws Exception {
        List<String> over = new ArrayList<>();
        List<String> lost = new ArrayList<>();
        for (Job j : jobs()) {
            Evaluation e = Evaluation.of(j, DATA);
            Seen seen = read(paper(paper, e));
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
