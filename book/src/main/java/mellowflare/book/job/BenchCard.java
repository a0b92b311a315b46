package mellowflare.book.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.PartsTable;
import mellowflare.core.line.Take;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The job on one page, to be pinned to the bench: drawing, the few large figures, checks, parts, steps with boxes, names. What does not fit is said shorter; a caution never falls away. */
final class BenchCard {
    private static final float STRIP_HIGH = 88;
    private static final float PICTURE_WIDE = 180;
    private static final float PICTURE_HIGH = 52;
    private static final float INDENT = 14;
    private static final int TITLE = 60;
    private static final int PLACE = 100;

    private final Evaluation result;
    private final UnitSystem units;
    private final JobSheet sheet;
    private final Brevity brevity;

    /** How much is said, the most first. Titles, holds and cautions always are. */
    private enum Brevity {
        ALL(8, true, true, true),
        SMALL(7, true, true, true),
        /** What a picture shows needs no words. */
        PICTURES(8, false, true, true),
        PICTURES_ALONE(7.5f, false, true, false),
        TITLES(8, false, false, true),
        TITLES_ALONE(7, false, false, false);

        private final float size;
        private final boolean words;
        private final boolean pictures;
        private final boolean parts;

        Brevity(float size, boolean words, boolean pictures, boolean parts) {
            this.size = size;
            this.words = words;
            this.pictures = pictures;
            this.parts = parts;
        }
    }

    private BenchCard(Evaluation result, ZoneId zone, Brevity brevity) {
        this.result = result;
        this.units = result.job().units();
        this.sheet = new JobSheet(result, zone);
        this.brevity = brevity;
    }

    /**
     * @param result the job with its results
     * @param zone the zone in which moments are written
     * @return the PDF: one page where it can be
     */
    static byte[] pdf(Evaluation result, ZoneId zone) throws IOException {
        Brevity[] tries = Brevity.values();
        for (int i = 0; ; i++) {
            try (PDDocument document = new PDDocument();
                    ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
                document.getDocumentInformation()
                        .setTitle(Say.it("bench-card.of", "title", result.job().title()));
                try (SheetPage page = new SheetPage(document, Version.stamp(result.data()) + "   " + JobSheet.DEFERS)) {
                    new BenchCard(result, zone, tries[i]).write(page);
                }
                if (document.getNumberOfPages() == 1 || i == tries.length - 1) {
                    document.save(bytes);
                    return bytes.toByteArray();
                }
            }
        }
    }

    private void write(SheetPage page) throws IOException {
        Job job = result.job();
        page.heading(JobSheet.shortened(JobSheet.title(job), TITLE), 16);
        page.text(
                Say.it(
                        "bench-card.where",
                        "machine",
                        job.machine().isBlank() ? "none" : JobSheet.shortened(job.machine(), PLACE),
                        "left",
                        result.leftOff().text()),
                8.5f,
                0,
                false,
                0.37f);
        page.rule();
        page.gap(4);
        page.drawing(result.plan().strip(), 4, STRIP_HIGH);
        page.figures(figures());
        List<FigureTable> parts = brevity.parts
                ? PartsTable.taken(Take.together(result.plan().takes())).stream()
                        .toList()
                : List.of();
        page.tables(() -> sheet.findings(page), parts);
        steps(page);
        sheet.record(page);
    }

    private List<String[]> figures() {
        BenchWords words = result.plan().benchWords();
        if (words instanceof BenchWords.OnePiece one) {
            return List.of(
                    length(one.cut(), one.toCut(), ""),
                    length(one.length(), result.figure().map(f -> f.value()), one.tolerance()));
        }
        if (words instanceof BenchWords.ManyPieces many) {
            return List.of(
                    new String[] {
                        Say.it("bench-card.pieces"),
                        many.pieces().map(n -> Integer.toString(n)).orElse(FigureTable.OPEN),
                        ""
                    },
                    new String[] {
                        Say.it("bench-card.pipe"),
                        new Figure.OfReach(many.total()).text(units),
                        Say.it("bench-card.centre-to-centre")
                    });
        }
        BenchWords.Assembled parts = (BenchWords.Assembled) words;
        return List.of(said(parts.first()), said(parts.second()));
    }

    private String[] length(String name, Optional<Length> length, String under) {
        return new String[] {
            name,
            length.map(l -> LengthFormat.shop(l, units)).orElse(FigureTable.OPEN),
            under.isBlank()
                    ? length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
                    : under
        };
    }

    private String[] said(BenchWords.Said s) {
        return new String[] {s.name(), s.value().map(f -> f.text(units)).orElse(FigureTable.OPEN), s.of()};
    }

    private void steps(SheetPage page) throws IOException {
        List<SheetPage.Words> all = new ArrayList<>();
        Set<Drawing> drawn = new HashSet<>();
        for (Step s : result.steps()) {
            int number = all.size() + 1;
            // Of what is still to do, and the same for both ends once.
            Optional<Drawing> picture =
                    brevity.pictures && !done(s) ? result.plan().picture(s).filter(drawn::add) : Optional.empty();
            all.add(() -> step(page, number, s, picture));
        }
        page.columns(brevity.words ? Say.it("job-sheet.steps") : Say.it("bench-card.steps-in-short"), all);
    }

    private boolean done(Step s) {
        return result.job()
                .log()
                .entry(s.id())
                .filter(e -> e.outcome() == StepEntry.Outcome.DONE)
                .isPresent();
    }

    private void step(SheetPage page, int number, Step s, Optional<Drawing> picture) throws IOException {
        boolean done = done(s);
        page.box(done);
        page.text(JobSheet.stepTitle(number, s), brevity.size + 0.5f, INDENT, true, 0.13f);
        if (brevity.words && !done) {
            page.text(s.says(units), brevity.size, INDENT, false, 0.13f);
        }
        for (String caution : s.cautions()) {
            page.text(Say.it("job-sheet.caution", "caution", caution), brevity.size, INDENT, true, 0.25f);
        }
        if (picture.isPresent()) {
            page.gap(2);
            page.under(picture.get(), INDENT, PICTURE_WIDE, PICTURE_HIGH);
        }
        page.gap(3);
    }
}
