package mellowflare.book.gas;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.Dxf;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.Section;
import mellowflare.core.gas.work.SoapJoint;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.CsvText;
import mellowflare.core.run.walk.Walked;

/** What a gas line gives to other programs: loads and drops as CSV, the soap list as CSV, its centre lines as DXF. */
final class GasFiles {
    private static final double LETTERS = 80;

    private GasFiles() {}

    private static String number(double value) {
        return LengthFormat.decimal(value, 4, 0).replace(" ", "");
    }

    private static String flow(Optional<GasFlow> flow) {
        return flow.map(f -> number(f.cubicMetresPerHour())).orElse("");
    }

    private static String mbar(Optional<GaugePressure> p) {
        return p.map(x -> number(x.millibar())).orElse("");
    }

    /** One row a stretch, then one an appliance. */
    static String loadsCsv(GasCase c) throws BookTrouble {
        if (c.flows().isEmpty()) {
            throw new BookTrouble(Say.it("gas-files.nothing-flows"));
        }
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord(
                "what",
                "name",
                "size",
                "bore_mm",
                "length_mm",
                "fittings_mm",
                "flow_m3_h",
                "load_kw",
                "longest_m3_h",
                "branch_m3_h",
                "drop_equation_mbar",
                "drop_darcy_mbar",
                "speed_m_s",
                "pressure_mbar",
                "before_mbar",
                "least_mbar",
                "greatest_mbar");
        for (Section s : c.sections()) {
            csv.writeRecord(
                    "pipe",
                    CsvText.shown(s.name()),
                    CsvText.shown(s.run().size().map(GasSize::size).orElse("")),
                    s.run().bore().map(b -> number(b.mm())).orElse(""),
                    number(s.run().run().length().mm()),
                    number(s.fittings().mm()),
                    number(s.flow().cubicMetresPerHour()),
                    number(s.load().kilowatts()),
                    flow(s.byLongest()),
                    flow(s.byBranch()),
                    number(s.byEquation().millibar()),
                    number(s.byDarcy().millibar()),
                    number(s.metresPerSecond()),
                    mbar(c.flows().flatMap(f -> f.at(s.run().run().to()))),
                    "",
                    "",
                    "");
        }
        for (Inlet i : c.inlets()) {
            csv.writeRecord(
                    "appliance",
                    CsvText.shown(i.name()),
                    "",
                    "",
                    "",
                    "",
                    flow(i.flow()),
                    i.input().map(p -> number(p.kilowatts())).orElse(""),
                    "",
                    "",
                    "",
                    "",
                    "",
                    mbar(i.pressure()),
                    mbar(i.before()),
                    mbar(i.least()),
                    mbar(i.greatest()));
        }
        return text.toString();
    }

    /** Every joint in order from the source, ticked or not. */
    static String soapCsv(GasCase c) throws BookTrouble {
        if (c.walk().walked().runs().isEmpty()) {
            throw new BookTrouble(Say.it("gas-files.nothing-drawn"));
        }
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("number", "joint", "soaped");
        int number = 1;
        for (SoapJoint j : c.soapList()) {
            csv.writeRecord(
                    Integer.toString(number++),
                    CsvText.shown(j.what()),
                    c.line().test().soaped().contains(j.id()) ? "yes" : "no");
        }
        return text.toString();
    }

    /** The line in space, mm. */
    static String dxf(GasCase c) throws BookTrouble {
        if (c.walk().walked().runs().isEmpty()) {
            throw new BookTrouble(Say.it("gas-files.nothing-drawn"));
        }
        Dxf dxf = new Dxf(List.of("PIPE", "HOSE", "NAMES"));
        for (Walked.Run r : c.walk().walked().runs()) {
            dxf.line(r.kind() == Walked.Kind.HOSE ? "HOSE" : "PIPE", r.a(), r.b());
            dxf.text("NAMES", r.a().plus(r.b()).times(0.5), LETTERS, r.name());
        }
        return dxf.done();
    }
}
