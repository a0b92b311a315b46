package mellowflare.book.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.Version;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.testing.Span;
import mellowflare.core.testing.TestRecord;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The job sheet: drawing, figures, sealing, findings, steps with what was done. */
final class JobSheet {
    /** As much of a title as stands on one line, and of a note on a few pages (letters). */
    private static final int TITLE = 60;

    private static final int NOTE = 12_000;
    /** A step's picture (pt). */
    private static final float PICTURE_WIDE = 180;

    private static final float PICTURE_HIGH = 52;
    private static final float INDENT = 16;
    /** So many checks that failed stand in one column. */
    private static final int BRIEF = 3;

    private static final float RECORD_HIGH = 108;
    static final String DEFERS = Say.it("job-sheet.local-codes-makers-pipe");

    private final Evaluation result;
    private final UnitSystem units;
    private final DateTimeFormatter moment;

    JobSheet(Evaluation result, ZoneId zone) {
        this.result = result;
        this.units = result.job().units();
        this.moment = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(zone);
    }

    /**
     * @param result the job with its results
     * @param zone the zone in which moments are written
     * @return the PDF
     */
    static byte[] pdf(Evaluation result, ZoneId zone) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(result.job().title());
            try (SheetPage page = new SheetPage(document, Version.stamp(result.data()) + "   " + DEFERS)) {
                new JobSheet(result, zone).write(page);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most) + " …";
    }

    static String title(Job job) {
        return job.title().isBlank() ? Say.it("job-sheet.job-without-title") : job.title();
    }

    private void write(SheetPage page) throws IOException {
        Job job = result.job();
        page.heading(shortened(title(job), TITLE), 20);
        for (String line : List.of(shortened(job.machine(), NOTE), shortened(job.note(), NOTE))) {
            if (!line.isBlank()) {
                page.text(line, 10, 0, false, 0.37f);
            }
        }
        if (job.note().length() > NOTE) {
            page.text(
                    Say.it(
                            "job-sheet.the-note-longer-than",
                            "length",
                            job.note().length()),
                    10,
                    0,
                    true,
                    0.13f);
        }
        page.text(Say.it("job-sheet.work", "leftOff", result.leftOff().text()), 10, 0, false, 0.37f);
        page.rule();
        SheetPart line = BookKinds.sheet(result);
        line.pictures(page);
        readings(page, line.measuredName());
        long failed =
                result.findings().stream().filter(f -> f.state() == State.FAIL).count();
        if (failed > BRIEF) {
            findings(page);
            page.tables(() -> {}, result.plan().tables());
        } else {
            page.tables(() -> findings(page), result.plan().tables());
        }
        line.figures(page);
        steps(page);
        record(page);
    }

    private void readings(SheetPage page, String what) throws IOException {
        Optional<CalledFigure> figure = result.figure();
        if (figure.isEmpty()) {
            return;
        }
        CalledFigure f = figure.get();
        page.text(
                Say.it(
                        "job-sheet.measured-by-with-written",
                        "what",
                        what,
                        "named",
                        named(f.calledBy()),
                        "instrument",
                        f.instrument().word(),
                        "namedB",
                        named(f.writtenBy()),
                        "second",
                        f.second()
                                .map(s -> Say.it(
                                        "job-sheet.by",
                                        "s",
                                        LengthFormat.figure(s, units),
                                        "named",
                                        named(f.secondBy())))
                                .orElse(Say.it("job-sheet.not-taken")),
                        "readBack",
                        result.job()
                                .log()
                                .readBack()
                                .map(r -> r.by() + " " + moment.format(r.at()))
                                .orElse("none")),
                9,
                0,
                false,
                0.13f);
    }

    /** The figures written down with a step, by the names that the step gives them. */
    private static String figures(Step step, StepEntry entry) {
        return entry.figures().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(f -> step.records().stream()
                                .filter(r -> r.id().equals(f.getKey()))
                                .map(RecordField::label)
                                .findFirst()
                                .orElse(f.getKey())
                        + " " + f.getValue())
                .collect(Collectors.joining("; "));
    }

    private static String named(String who) {
        return who.isBlank() ? Say.it("job-sheet.nobody-named") : who;
    }

    void findings(SheetPage page) throws IOException {
        page.heading(Say.it("job-sheet.checks"), 12);
        for (Finding f : result.findings()) {
            if (f.state() == State.FAIL) {
                page.text(f.severity().name() + ", " + f.about().word() + ": " + f.says(units), 9, 0, f.stops(), 0.13f);
                page.text(
                        Say.it("job-sheet.because", "because", f.because(units), "remedy", f.remedy(units)),
                        8.5f,
                        8,
                        false,
                        0.37f);
            }
        }
        StillNeeded needed = StillNeeded.of(result.findings());
        if (needed.checks() > 0) {
            page.text(Say.it("job-sheet.still-needed", "checks", needed.checks()), 9, 0, true, 0.13f);
            for (StillNeeded.At at : needed.places()) {
                page.text(
                        Say.it(
                                "job-sheet.needed-at",
                                "place",
                                at.part().word(),
                                "asks",
                                at.needs().stream().map(a -> a.need().asks()).collect(Collectors.joining(" "))),
                        9,
                        10,
                        false,
                        0.13f);
            }
        }
        long passed =
                result.findings().stream().filter(f -> f.state() == State.PASS).count();
        page.text(Say.it("job-sheet.checks-passed", "passed", passed), 9, 0, false, 0.13f);
    }

    private void steps(SheetPage page) throws IOException {
        List<SheetPage.Words> all = new ArrayList<>();
        Optional<Drawing> before = Optional.empty();
        for (Step s : result.steps()) {
            int number = all.size() + 1;
            Optional<Drawing> own = result.plan().picture(s);
            // What was drawn beside the step before is not drawn again.
            Optional<Drawing> picture = own.equals(before) ? Optional.empty() : own;
            before = own;
            all.add(() -> step(page, number, s, picture));
        }
        page.columns(Say.it("job-sheet.steps"), all);
    }

    /** Number, title and hold of a step. */
    static String stepTitle(int number, Step s) {
        return Say.it(
                "job-sheet.step",
                "number",
                number,
                "title",
                s.title(),
                "hold",
                s.hold().orElse("none"));
    }

    private void step(SheetPage page, int number, Step s, Optional<Drawing> picture) throws IOException {
        Optional<StepEntry> entry = result.job().log().entry(s.id());
        page.need(30);
        page.box(entry.filter(e -> e.outcome() == StepEntry.Outcome.DONE).isPresent());
        page.text(stepTitle(number, s), 9.5f, 16, true, 0.13f);
        page.text(s.says(units), 8.5f, 16, false, 0.13f);
        for (String caution : s.cautions()) {
            page.text(Say.it("job-sheet.caution", "caution", caution), 8.5f, 16, true, 0.25f);
        }
        if (entry.isPresent()) {
            StepEntry e = entry.get();

            page.text(
                    Say.it(
                            "job-sheet.step-done",
                            "outcome",
                            e.outcome(),
                            "by",
                            e.by(),
                            "at",
                            moment.format(e.at()),
                            "reason",
                            e.reason().isBlank() ? "none" : e.reason(),
                            "figures",
                            e.figures().isEmpty() ? "none" : figures(s, e)),
                    8,
                    16,
                    false,
                    0.37f);
        }
        if (picture.isPresent()) {
            page.gap(3);
            page.under(picture.get(), INDENT, PICTURE_WIDE, PICTURE_HIGH);
        }
        page.gap(4);
    }

    /** The pressure test that was taken, as it counts. */
    private Optional<TestRecord> pressureTest() {
        return result.tested().all().stream()
                .filter(t -> t.ask().duty().kind().watchesPressure())
                .flatMap(t -> t.last().stream())
                .findFirst();
    }

    /** Who did what, to be written where it is not known yet. */
    void record(SheetPage page) throws IOException {
        page.need(RECORD_HIGH);
        page.heading(Say.it("job-sheet.record"), 12);
        Optional<CalledFigure> f = result.figure();
        Optional<TestRecord> test = pressureTest();
        page.blanks(List.of(
                new SheetPage.Blank(
                        Say.it("job-sheet.measured-by"),
                        f.map(CalledFigure::calledBy).orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.written-by"),
                        f.map(CalledFigure::writtenBy).orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.second-reading-by"),
                        f.map(CalledFigure::secondBy).orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.made-by"),
                        result.job().log().entries().stream()
                                .map(StepEntry::by)
                                .filter(n -> !n.isBlank())
                                .distinct()
                                .collect(Collectors.joining(", "))),
                new SheetPage.Blank(
                        Say.it("job-sheet.test-pressure"),
                        test.flatMap(r -> r.readings().stream()
                                        .map(HoldTest.Reading::gauge)
                                        .max(GaugePressure::compareTo))
                                .map(p -> new Figure.OfGasPressure(p).text(units))
                                .orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.held-for"),
                        test.filter(r -> r.lasted() > 0)
                                .map(r -> Span.text(r.lasted()))
                                .orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.gauge"),
                        test.map(r -> (r.gauge().name() + " " + r.gauge().number()).strip())
                                .orElse("")),
                new SheetPage.Blank(
                        Say.it("job-sheet.tested-by"), test.map(TestRecord::by).orElse("")),
                new SheetPage.Blank(Say.it("job-sheet.accepted-by"), "")));
    }
}
