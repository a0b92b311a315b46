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
            document.getDocumentInformation().setTitle("Hand-over: " + e.job().title());
            try (SheetPage page = new SheetPage(
                    document,
                    Version.stamp(e.data()) + "   The press maker's chart for this series decides die and setting.")) {
                new HandOverSheet(plan).write(page, e);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write(SheetPage page, Evaluation e) throws IOException {
        page.heading("To be crimped: " + e.job().title(), 18);
        page.text(e.job().machine(), 10, 0, false, 0.37f);
        page.rule();
        page.drawing(plan.largeStrip(), 62);
        Optional<CutLength> cut = plan.cut().filter(CutLength::possible);
        page.figures(List.of(
                column("overall, sealing point to sealing point", cut.map(CutLength::hoseOverall)),
                column("cut the hose at", cut.map(x -> x.shop(units))),
                new String[] {
                    "overall length, tolerance ±",
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units)).orElse("open"),
                    cut.map(x -> LengthFormat.figure(x.tolerance(), units.other()))
                            .orElse("")
                }));
        clock(page);
        page.heading("Hose and ends", 12);
        page.text(
                c.hose()
                        .map(h -> h.part() + ", " + h.title() + ", outside " + LengthFormat.figure(h.outside(), units)
                                + ", " + h.liner() + " liner, series " + h.series())
                        .orElse("Hose open."),
                10,
                0,
                false,
                0.13f);
        for (Side s : c.sides()) {
            end(page, s);
        }
        page.heading("Parts", 12);
        for (PartLine p : plan.parts()) {
            page.text(p.part() + ": " + p.name() + ", " + p.amount(), 9.5f, 0, false, 0.13f);
        }
        stops(page);
        page.heading("Made", 12);
        page.text(
                "Crimp A ______   ______   ______     Crimp B ______   ______   ______     Overall ________     Proof ________     Date, name ______________",
                10,
                0,
                false,
                0.13f);
    }

    private void clock(SheetPage page) throws IOException {
        if (!c.twoElbows()) {
            page.text("No clock angle: there are not two elbows.", 10, 0, false, 0.13f);
            return;
        }
        page.heading("Clock angle", 12);
        if (c.clockAngle().isEmpty()) {
            page.text("NOT SAID. Do not crimp the second elbow: ask first.", 11, 0, true, 0.13f);
            return;
        }
        page.narrow(ClockDial.of(c.clockAngle().get()), 300);
        page.text(
                "Look from end A along the hose with elbow A at 12 o'clock: elbow B points to "
                        + Figure.of(c.clockAngle().get()).text(units)
                        + ", clockwise. Marks drawn across hose and ends at the dry fit come before this figure.",
                10,
                0,
                false,
                0.13f);
    }

    private void end(SheetPage page, Side s) throws IOException {
        if (s.part().isEmpty()) {
            page.text("End " + s.which() + ": open.", 10, 0, true, 0.13f);
            return;
        }
        HoseEndPart p = s.part().get();
        List<String> facts = new ArrayList<>();
        facts.add(p.attach().map(a -> a.word()).orElse("way of fixing not known"));
        facts.add("sub-size and series " + p.hoseDash().map(d -> d.text()).orElse("?") + " "
                + p.series().orElse("?"));
        p.insertion().ifPresent(x -> facts.add("insertion " + LengthFormat.figure(x, units)));
        p.ferrule()
                .flatMap(c.data().get(Catalogue.KEY)::ferrule)
                .ifPresent(k -> facts.add(k.part() + (k.die().isEmpty() ? "" : ", die " + k.die())));
        c.hose()
                .flatMap(h -> Optional.ofNullable(p.crimp().get(h.kind())))
                .ifPresent(x -> facts.add("crimp to " + LengthFormat.figure(x, units)));
        facts.add("cut-off " + LengthFormat.figure(p.cutOff(), units));
        page.text("End " + s.which() + ": " + p.part() + ", " + p.name(), 10, 0, true, 0.13f);
        page.text(String.join("; ", facts) + ".", 9.5f, 12, false, 0.13f);
    }

    private void stops(SheetPage page) throws IOException {
        List<Finding> stops = plan.findings().stream().filter(Finding::stops).toList();
        if (stops.isEmpty()) {
            return;
        }
        page.heading("Stops: settle these first", 12);
        for (Finding f : stops) {
            page.text("STOP, " + f.about().word() + ": " + f.says(units) + " " + f.remedy(units), 9.5f, 0, true, 0.13f);
        }
    }

    private String[] column(String label, Optional<Length> length) {
        return new String[] {
            label,
            length.map(l -> LengthFormat.shop(l, units)).orElse("open"),
            length.map(l -> LengthFormat.shop(l, units.other())).orElse("")
        };
    }
}
