package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyFloat;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.spy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellowflare.book.Jobs;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Words of all drawings of the demo jobs, on paper and in the window's band: measured against each other and against every line. */
class LabelsLieFreeTest {
    private static final float PAPER = 500;

    /** Drawings by what they are called, each with how its words stand. */
    private static final Map<String, Drawn> ALL = new LinkedHashMap<>();

    private record Drawn(Drawing drawing, Letters letters) {
        LabelRoom.Crossed before() {
            return LabelRoom.crossed(drawing, letters);
        }

        LabelRoom.Crossed after() {
            return LabelRoom.crossed(LabelRoom.settled(drawing, letters), letters);
        }
    }

    @BeforeAll
    static void draw() throws Exception {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            Drawing strip = e.plan().strip();
            double fits = Math.min(440 / strip.box().width(), 84 / strip.box().height());
            ALL.put(job.id() + ", band", new Drawn(strip, new Letters(fits, 12, 30)));
            List<Drawing> pictures = new ArrayList<>();
            try (PDDocument document = new PDDocument();
                    SheetPage page = spy(new SheetPage(document, ""))) {
                doAnswer(c -> pictures.add(c.getArgument(0))).when(page).drawing(any(), anyFloat());
                doAnswer(c -> pictures.add(c.getArgument(0))).when(page).narrow(any(), anyFloat());
                BookKinds.sheet(e).pictures(page);
            }
            for (int i = 0; i < pictures.size(); i++) {
                Drawing d = pictures.get(i);
                ALL.put(
                        job.id() + ", picture " + (i + 1),
                        new Drawn(d, new Letters(PAPER / d.box().width(), 8, 15)));
            }
        }
    }

    @Test
    void testNoWordsLieOverOtherWords() {
        ALL.forEach((name, d) -> assertThat(d.after().words()).as(name).isZero());
    }

    /** Where words find no free place the line stops short of them, on screen, paper and as SVG. */
    @Test
    void testNoLineGoesThroughWords() {
        ALL.forEach((name, d) -> assertThat(d.after().through()).as(name).isZero());
        assertThat(ALL.values().stream().mapToInt(d -> d.before().through()).sum())
                .isPositive();
    }

    /** A label that is longer than the room between two lines may have no free place. */
    @Test
    void testHardlyAnyWordsLieOverALine() {
        ALL.forEach((name, d) -> assertThat(d.after().lines())
                .as(name)
                .isLessThanOrEqualTo(Math.min(1, d.before().lines())));
        int before = ALL.values().stream().mapToInt(d -> d.before().lines()).sum();
        int after = ALL.values().stream().mapToInt(d -> d.after().lines()).sum();
        int labels = ALL.values().stream().mapToInt(d -> d.after().labels()).sum();
        assertThat(labels).isGreaterThan(200);
        assertThat(before).isGreaterThan(20);
        assertThat(after).isLessThanOrEqualTo(labels / 50);
    }

    @Test
    void testWhatLiesFreeStaysAndASettledDrawingStaysAsItIs() {
        ALL.forEach((name, d) -> {
            Drawing settled = LabelRoom.settled(d.drawing(), d.letters());
            assertThat(settled.shapes()).as(name).hasSameSizeAs(d.drawing().shapes());
            if (d.before().words() + d.before().lines() == 0) {
                assertThat(settled.dimensions()).isEqualTo(d.drawing().dimensions());
            }
        });
    }
}
