package mellowflare.book.machine;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.line.BarTable;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.machine.MachineTables;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.pdmodel.PDDocument;

/** All lines of a machine on paper: how each stands, what to take and to buy, what to cut. */
public final class KitPdf {
    private static final float STRIP = 230;
    private static final float HIGH = 46;
    private static final float INDENT = 24;

    private KitPdf() {}

    /**
     * The sheet as PDF.
     *
     * @param plans the cut plans of the machine
     * @param units in which it is written
     */
    public static byte[] bytes(Machine m, Map<String, CutPlan> plans, UnitSystem units) throws IOException {
        String title = Say.it("kit-pdf.title", "machine", m.name());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            String version = m.lines().isEmpty()
                    ? ""
                    : Version.stamp(m.lines().get(0).of().data());
            try (SheetPage page = new SheetPage(document, m.name() + "  ·  " + version)) {
                page.heading(title, 16);
                page.text(
                        Say.it("kit-pdf.sum", "lines", m.lines().size(), "stops", m.stops()),
                        10,
                        0,
                        m.stops() > 0,
                        0.13f);
                page.table(MachineTables.lines(m));
                for (MachineLine l : m.lines()) {
                    page.need(80);
                    page.text(
                            Say.it(
                                    "kit-pdf.line",
                                    "mark",
                                    l.mark(),
                                    "title",
                                    l.of().job().title()),
                            9,
                            0,
                            true,
                            0.13f);
                    page.gap(3);
                    page.under(l.of().plan().strip(), INDENT, STRIP, HIGH);
                    page.gap(5);
                }
                page.table(MachineTables.parts(m));
                List<Carried> bag = Carried.of(m);
                if (!bag.isEmpty()) {
                    page.table(Carried.table(bag));
                }
                if (!plans.isEmpty()) {
                    page.table(bars(plans, units));
                }
                for (String open : unplaced(plans, units)) {
                    page.text(open, 9.5f, 0, true, 0.13f);
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static FigureTable bars(Map<String, CutPlan> plans, UnitSystem units) {
        return BarTable.of(plans, units);
    }

    /** What goes into no stock at hand, each a sentence. */
    public static List<String> unplaced(Map<String, CutPlan> plans, UnitSystem units) {
        List<String> all = new ArrayList<>();
        plans.forEach((material, plan) -> plan.unplaced()
                .forEach(p -> all.add(Say.it(
                        "kit-pdf.unplaced",
                        "piece",
                        p.name(),
                        "length",
                        LengthFormat.shop(p.length(), units),
                        "material",
                        material))));
        return all;
    }
}
