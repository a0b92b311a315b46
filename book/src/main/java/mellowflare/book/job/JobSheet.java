package mellowflare.book.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.Version;
import mellowflare.book.line.SheetPart;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The job sheet: drawing, figures, sealing, findings, steps with what was done. */
final class JobSheet {
    /** As much of a title as stands on one line, and of a note on a few pages (letters). */
    private static final int TITLE = 60;

    private static final int NOTE = 12_000;
    private static final String DEFERS =
            "Local codes, the makers of pipe, hose and ends, and licensed practice come before this sheet.";

    private final Evaluation result;
    private final UnitSystem units;
    private final DateTimeFormatter moment;

    private JobSheet(Evaluation result, ZoneId zone) {
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

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most) + " …";
    }

    private void write(SheetPage page) throws IOException {
        Job job = result.job();
        page.heading(job.title().isBlank() ? "Job without a title" : shortened(job.title(), TITLE), 20);
        for (String line : List.of(shortened(job.machine(), NOTE), shortened(job.note(), NOTE))) {
            if (!line.isBlank()) {
                page.text(line, 10, 0, false, 0.37f);
            }
        }
        if (job.note().length() > NOTE) {
            page.text(
                    "The note is longer than a sheet takes: the job holds all "
                            + job.note().length() + " letters.",
                    10,
                    0,
                    true,
                    0.13f);
        }
        page.text("Work: " + result.leftOff(), 10, 0, false, 0.37f);
        page.rule();
        SheetPart line = BookKinds.sheet(result);
        line.pictures(page);
        readings(page, line.measuredName());
        line.figures(page);
        findings(page);
        steps(page);
    }

    private void readings(SheetPage page, String what) throws IOException {
        Optional<CalledFigure> figure = result.figure();
        if (figure.isEmpty()) {
            return;
        }
        CalledFigure f = figure.get();
        page.text(
                what + " measured by " + named(f.calledBy()) + " with a "
                        + f.instrument().word() + ", written by " + named(f.writtenBy()) + "; second reading "
                        + f.second()
                                .map(s -> LengthFormat.figure(s, units) + " by " + named(f.secondBy()))
                                .orElse("not taken")
                        + result.job()
                                .log()
                                .readBack()
                                .map(r -> "; cut figure read back to " + r.by() + " " + moment.format(r.at()))
                                .orElse("; not read back yet")
                        + ".",
                9,
                0,
                false,
                0.13f);
    }

    /** The figures written down with a step, by the names that the step gives them. */
    private static String figures(Step step, StepEntry entry) {
        return entry.figures().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(f -> "; "
                        + step.records().stream()
                                .filter(r -> r.id().equals(f.getKey()))
                                .map(RecordField::label)
                                .findFirst()
                                .orElse(f.getKey())
                        + " " + f.getValue())
                .collect(Collectors.joining());
    }

    private static String named(String who) {
        return who.isBlank() ? "nobody named" : who;
    }

    private void findings(SheetPage page) throws IOException {
        page.heading("Checks", 12);
        for (Finding f : result.findings()) {
            if (f.state() == State.FAIL) {
                page.text(
                        f.severity().name() + ", " + f.about().word() + ": " + f.says(units),
                        9.5f,
                        0,
                        f.stops(),
                        0.13f);
                page.text("Because " + f.because(units) + ". " + f.remedy(units), 8.5f, 10, false, 0.37f);
            }
        }
        StillNeeded needed = StillNeeded.of(result.findings());
        if (needed.checks() > 0) {
            page.text(
                    needed.checks() == 1
                            ? "STILL NEEDED: 1 check waits."
                            : "STILL NEEDED: %d checks wait.".formatted(needed.checks()),
                    9.5f,
                    0,
                    true,
                    0.13f);
            for (StillNeeded.At at : needed.places()) {
                page.text(
                        at.part().word() + ": "
                                + at.needs().stream().map(a -> a.need().asks()).collect(Collectors.joining(" ")),
                        9,
                        10,
                        false,
                        0.13f);
            }
        }
        long passed =
                result.findings().stream().filter(f -> f.state() == State.PASS).count();
        page.text(passed + " checks passed.", 9.5f, 0, false, 0.13f);
    }

    private void steps(SheetPage page) throws IOException {
        page.heading("Steps", 12);
        int number = 1;
        for (Step s : result.steps()) {
            Optional<StepEntry> entry = result.job().log().entry(s.id());
            page.need(30);
            page.box(entry.filter(e -> e.outcome() == StepEntry.Outcome.DONE).isPresent());
            page.text(
                    number + ". " + s.title()
                            + s.hold().map(h -> ". HOLD: " + h).orElse(""),
                    10,
                    16,
                    true,
                    0.13f);
            page.text(s.says(units), 9, 16, false, 0.13f);
            for (String caution : s.cautions()) {
                page.text("Caution: " + caution, 9, 16, true, 0.25f);
            }
            if (entry.isPresent()) {
                StepEntry e = entry.get();
                String what = e.outcome() == StepEntry.Outcome.DONE ? "done by " : "passed over by ";
                page.text(
                        what + e.by() + ", " + moment.format(e.at())
                                + (e.reason().isBlank() ? "" : ": " + e.reason())
                                + figures(s, e),
                        8.5f,
                        16,
                        false,
                        0.37f);
            }
            page.gap(3);
            number++;
        }
    }
}
