package mellowflare.book.hose;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.hose.draw.ClockDial;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import org.apache.pdfbox.pdmodel.PDDocument;

/** What a crimp shop needs to make the hose right without the machine in front of it: lengths, clock angle pictured, dies, crimp diameters. */
final class HandOverSheet {
    private final HosePlan plan;
    private final HoseCase c;
    private final UnitSystem units;

    private HandOverSheet(HosePlan plan) {
        this.plan = plan;
        this.c = plan.c();
        this.units = c.units();
    }

    static byte[] pdf(Evaluation e, HosePlan plan) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation()
                    .setTitle(Say.it("hand-over-sheet.hand-over", "job", e.job().title()));
            try (SheetPage page = new SheetPage(
                    document, Say.it("hand-over-sheet.the-press-maker-s", "stamp", Version.stamp(e.data())))) {
                new HandOverSheet(plan).write(page, e);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write(SheetPage page, Evaluation e) throws IOException {
        page.heading(Say.it("hand-over-sheet.to-be-crimped", "job", e.job().title()), 18);
        page.text(e.job().machine(), 10, 0, false, 0.37f);
        page.rule();
        page.drawing(plan.largeStrip(), 62);
        Optional<CutLength> cut = plan.cut().filter(CutLength::possible);
        page.figures(List.of(
                column(Say.it("hand-over-sheet.overall-sealing-point-sealing"), cut.map(CutLength::hoseOverall)),
                column(Say.it("hand-over-sheet.cut-hose-at"), cut.map(x -> x.shop(units))),
                new String[] {
                    Say.it("hand-over-sheet.overall-length-tolerance"),
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units)).orElse(Say.it("hand-over-sheet.open")),
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units.other()))
                            .orElse("")
                }));
        clock(page);
        page.heading(Say.it("hand-over-sheet.hose-ends"), 12);
        page.text(
                c.hose()
                        .map(h -> Say.it(
                                "hand-over-sheet.outside-liner-series",
                                "part",
                                h.part(),
                                "title",
                                h.title(),
                                "outside",
                                LengthFormat.figure(h.outside(), units),
                                "liner",
                                h.liner(),
                                "series",
                                h.series()))
                        .orElse(Say.it("hand-over-sheet.hose-open")),
                10,
                0,
                false,
                0.13f);
        for (Side s : c.sides()) {
            end(page, s);
        }
        page.heading(Say.it("hand-over-sheet.parts"), 12);
        for (PartLine p : plan.parts()) {
            page.text(p.part() + ": " + p.name() + ", " + p.amount(), 9.5f, 0, false, 0.13f);
        }
        stops(page);
        page.heading(Say.it("hand-over-sheet.made"), 12);
        page.text(Say.it("hand-over-sheet.crimp-a-crimp-b"), 10, 0, false, 0.13f);
    }

    private void clock(SheetPage page) throws IOException {
        if (!c.twoElbows()) {
            page.text(Say.it("hand-over-sheet.no-clock-angle-there"), 10, 0, false, 0.13f);
            return;
        }
        page.heading(Say.it("hand-over-sheet.clock-angle"), 12);
        if (c.clockAngle().isEmpty()) {
            page.text(Say.it("hand-over-sheet.not-said-do-not"), 11, 0, true, 0.13f);
            return;
        }
        page.narrow(ClockDial.of(c.clockAngle().get()), 300);
        page.text(
                Say.it(
                        "hand-over-sheet.look-from-end-a",
                        "clockAngle",
                        Figure.of(c.clockAngle().get()).text(units)),
                10,
                0,
                false,
                0.13f);
    }

    private void end(SheetPage page, Side s) throws IOException {
        if (s.part().isEmpty()) {
            page.text(Say.it("hand-over-sheet.end-open", "which", s.which()), 10, 0, true, 0.13f);
            return;
        }
        HoseEndPart p = s.part().get();
        List<String> facts = new ArrayList<>();
        facts.add(p.attach().map(a -> a.word()).orElse(Say.it("hand-over-sheet.way-fixing-not-known")));
        facts.add(Say.it(
                "hand-over-sheet.sub-size-series",
                "hoseDash",
                p.hoseDash().map(d -> d.text()).orElse("?"),
                "series",
                p.series().orElse("?")));
        p.insertion()
                .ifPresent(x -> facts.add(Say.it("hand-over-sheet.insertion", "x", LengthFormat.figure(x, units))));
        p.ferrule()
                .flatMap(c.data().get(Catalogue.KEY)::ferrule)
                .ifPresent(k -> facts.add(
                        k.die().isEmpty()
                                ? k.part()
                                : Say.it("hand-over-sheet.die", "part", k.part(), "die", k.die())));
        c.hose()
                .flatMap(h -> Optional.ofNullable(p.crimp().get(h.kind())))
                .ifPresent(x -> facts.add(Say.it("hand-over-sheet.crimp", "x", LengthFormat.figure(x, units))));
        facts.add(Say.it("hand-over-sheet.cut-off", "cutOff", LengthFormat.figure(p.cutOff(), units)));
        page.text(
                Say.it("hand-over-sheet.end", "which", s.which(), "part", p.part(), "name", p.name()),
                10,
                0,
                true,
                0.13f);
        page.text(String.join("; ", facts) + ".", 9.5f, 12, false, 0.13f);
    }

    private void stops(SheetPage page) throws IOException {
        List<Finding> stops = plan.findings().stream().filter(Finding::stops).toList();
        if (stops.isEmpty()) {
            return;
        }
        page.heading(Say.it("hand-over-sheet.stops-settle-these-first"), 12);
        for (Finding f : stops) {
            page.text(
                    Say.it(
                            "hand-over-sheet.stop",
                            "about",
                            f.about().word(),
                            "says",
                            f.says(units),
                            "remedy",
                            f.remedy(units)),
                    9.5f,
                    0,
                    true,
                    0.13f);
        }
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse(Say.it("hand-over-sheet.open")),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }
}
