package mellowflare.book.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.testing.FinePressure;
import mellowflare.core.testing.Outcome;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.Span;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.testing.TestPlot;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The certificate: every test that the line needs, what was read, what it proved, who signed; and what is still open. */
public final class TestCertificate {
    private static final float PLOT_HIGH = 150;

    private final Evaluation result;
    private final UnitSystem units;

    private TestCertificate(Evaluation result) {
        this.result = result;
        this.units = result.job().units();
    }

    /**
     * The certificate as PDF.
     *
     * @throws BookTrouble where the line needs no test yet
     */
    public static byte[] bytes(Evaluation result) throws IOException, BookTrouble {
        if (result.tested().all().isEmpty()) {
            throw new BookTrouble(
                    result.steps().isEmpty() ? result.plan().stillNeeded() : Say.it("test-certificate.no-tests"));
        }
        String title = Say.it("test-certificate.title", "job", result.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page =
                    new SheetPage(document, result.job().title() + "  ·  " + Version.stamp(result.data()))) {
                new TestCertificate(result).write(page, title);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write(SheetPage page, String title) throws IOException {
        Tested tested = result.tested();
        page.heading(title, 15);
        if (!result.job().machine().isBlank()) {
            page.text(result.job().machine(), 10, 0, false, 0.37f);
        }
        page.text(tested.handOver().says(units), 10.5f, 0, true, 0.13f);
        page.rule();
        for (Tested.One one : tested.all()) {
            one(page, one);
        }
        page.need(60);
        page.heading(Say.it("test-certificate.handed-over"), 12);
        page.text(Say.it("test-certificate.defers"), 8.5f, 0, false, 0.37f);
        page.blanks(List.of(
                new SheetPage.Blank(Say.it("test-certificate.by"), ""),
                new SheetPage.Blank(Say.it("test-certificate.to"), ""),
                new SheetPage.Blank(Say.it("test-certificate.day"), "")));
    }

    private void one(SheetPage page, Tested.One one) throws IOException {
        page.need(90);
        page.heading(one.ask().duty().title(), 12);
        Optional<TestRecord> last = one.last();
        if (last.isEmpty() || one.now().isEmpty()) {
            page.text(Say.it("test-certificate.not-taken"), 10, 0, true, 0.13f);
            page.text(one.ask().duty().says(), 9, 0, false, 0.37f);
            return;
        }
        TestRecord r = last.get();
        Outcome o = one.now().get();
        page.text(
                Say.it(
                        "test-certificate.verdict",
                        "verdict",
                        o.verdict(),
                        "sure",
                        o.confidence()
                                .map(c -> new Figure.OfShare(c).text(units))
                                .orElse("none")),
                11,
                0,
                true,
                0.13f);
        if (one.takes().size() > 1) {
            page.text(Say.it("test-certificate.takes", "takes", one.takes().size()), 9, 0, false, 0.37f);
        }
        page.blanks(figures(one, r));
        if (r.readings().size() + r.vacuum().size() > 1) {
            page.narrow(TestPlot.of(one.ask(), r, units), PLOT_HIGH * 2);
        }
        looks(page, one, r);
        for (Finding f : o.findings()) {
            if (f.state() != State.NOT_CHECKED) {
                page.text(f.says(units), 9, 0, f.state() == State.FAIL, 0.13f);
            }
        }
        page.gap(4);
    }

    private List<SheetPage.Blank> figures(Tested.One one, TestRecord r) {
        TestGauge g = r.gauge();
        Optional<GaugePressure> target = one.ask().target().or(r::target);
        List<SheetPage.Blank> all = new ArrayList<>();
        all.add(new SheetPage.Blank(
                Say.it("test-certificate.medium"), r.medium().word()));
        target.ifPresent(t -> all.add(
                new SheetPage.Blank(Say.it("test-certificate.target"), new Figure.OfGasPressure(t).text(units))));
        if (!r.readings().isEmpty()) {
            all.add(new SheetPage.Blank(
                    Say.it("test-certificate.from-to"),
                    Say.it(
                            "test-certificate.pressures",
                            "first",
                            FinePressure.text(r.readings().get(0).gauge(), units),
                            "last",
                            FinePressure.text(
                                    r.readings().get(r.readings().size() - 1).gauge(), units))));
        }
        if (r.lasted() > 0) {
            all.add(new SheetPage.Blank(Say.it("test-certificate.lasted"), Span.text(r.lasted())));
        }
        r.volume()
                .ifPresent(v -> all.add(new SheetPage.Blank(
                        Say.it("test-certificate.volume"), new Figure.OfLitres(v.litres()).text(units))));
        all.add(new SheetPage.Blank(Say.it("test-certificate.gauge"), (g.name() + " " + g.number()).strip()));
        all.add(new SheetPage.Blank(
                Say.it("test-certificate.calibrated"),
                g.calibratedUntil().map(Object::toString).orElse("")));
        all.add(new SheetPage.Blank(Say.it("test-certificate.tested-by"), r.by()));
        all.add(new SheetPage.Blank(Say.it("test-certificate.witness"), r.witness()));
        all.add(new SheetPage.Blank(
                Say.it("test-certificate.day"), r.on().map(Object::toString).orElse("")));
        return all;
    }

    private static void looks(SheetPage page, Tested.One one, TestRecord r) throws IOException {
        if (!one.ask().duty().kind().looks()) {
            return;
        }
        Map<Seen, List<String>> by = new EnumMap<>(Seen.class);
        List<String> open = new ArrayList<>();
        for (TestJoint j : one.joints()) {
            Seen seen = r.looks().get(j.id());
            if (seen == null) {
                open.add(j.what());
            } else {
                by.computeIfAbsent(seen, s -> new ArrayList<>()).add(j.what());
            }
        }
        for (Map.Entry<Seen, List<String>> e : by.entrySet()) {
            line(page, Say.it("test-certificate.seen", "seen", e.getKey().word(), "joints", joined(e.getValue())));
        }
        if (!open.isEmpty()) {
            line(page, Say.it("test-certificate.not-looked", "joints", joined(open)));
        }
    }

    private static String joined(List<String> joints) {
        return joints.stream().collect(Collectors.joining("; "));
    }

    private static void line(SheetPage page, String text) throws IOException {
        page.text(text, 9, 0, false, 0.13f);
    }
}
