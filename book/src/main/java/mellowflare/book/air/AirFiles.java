package mellowflare.book.air;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.exchange.Dxf;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.cut.HosePiece;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.flow.network.Network;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.reference.CsvText;
import mellowflare.core.run.cut.PartLine;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.walk.Walked;

/** What a workshop main gives to other programs: cut list and parts as CSV, its network as JSON, its lines as DXF, its drains as a calendar. */
public final class AirFiles {
    private AirFiles() {}

    private static CutWork work(AirCase c) throws BookTrouble {
        return c.work()
                .filter(w -> !w.stretches().isEmpty())
                .orElseThrow(() -> new BookTrouble(Say.it("air-files.there-nothing-cut-yet")));
    }

    /** One row a piece, bar by bar, with the marks at both ends. */
    public static String cutsCsv(AirCase c) throws BookTrouble {
        CutWork work = work(c);
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("size", "bar", "bar_mm", "from", "piece", "cut_mm", "mark_a_mm", "mark_b_mm", "remnant_mm");
        int bar = 0;
        for (Map.Entry<String, CutPlan> e :
                work.bars(c.main(), c.system().orElseThrow()).entrySet()) {
            for (CutBar b : e.getValue().bars()) {
                bar++;
                for (CutTask.Piece p : b.pieces()) {
                    double insert = insert(work, e.getKey());
                    csv.writeRecord(
                            e.getKey(),
                            Integer.toString(bar),
                            number(b.stock().length().mm()),
                            CsvText.shown(b.stock().name()),
                            CsvText.shown(p.name()),
                            number(p.length().mm()),
                            number(insert),
                            number(insert),
                            number(b.remnant().mm()));
                }
            }
            for (CutTask.Piece p : e.getValue().unplaced()) {
                csv.writeRecord(
                        e.getKey(),
                        "",
                        "",
                        e.getValue().tooLong().contains(p)
                                ? Say.it("air-files.no-bar-long-enough")
                                : Say.it("air-files.no-bar-left-for"),
                        CsvText.shown(p.name()),
                        number(p.length().mm()),
                        "",
                        "",
                        "");
            }
        }
        for (Stretch s : work.stretches()) {
            if (s.nipple().isPresent()) {
                csv.writeRecord(
                        s.size().size(),
                        "",
                        "",
                        Say.it("air-files.bought-nipple"),
                        CsvText.shown(s.name()),
                        number(s.nipple().get().mm()),
                        "",
                        "",
                        "");
            }
        }
        for (HosePiece h : work.hoses()) {
            csv.writeRecord(
                    Say.it("air-files.hose", "bore", number(h.bore().mm())),
                    "",
                    "",
                    Say.it("air-files.hose-by-metre"),
                    CsvText.shown(h.name()),
                    number(h.length().mm()),
                    "",
                    "",
                    "");
        }
        for (Rods.Rod r : work.rods()) {
            csv.writeRecord(
                    "rod",
                    "",
                    "",
                    Say.it("air-files.threaded-rod"),
                    CsvText.shown(Say.it(
                            "air-files.hanger-at",
                            "stretch",
                            r.stretch(),
                            "number",
                            r.number(),
                            "along",
                            number(r.along().mm()))),
                    number(r.length().mm()),
                    "",
                    "",
                    "");
        }
        return text.toString();
    }

    private static double insert(CutWork work, String size) {
        return work.stretches().stream()
                .map(Stretch::size)
                .filter(z -> z.size().equals(size))
                .findFirst()
                .map(z -> z.insert().mm())
                .orElse(0.0);
    }

    /** Parts with their prices. */
    public static String partsCsv(AirCase c) throws BookTrouble {
        CutWork work = work(c);
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("name", "amount", "unit", "price", "cost");
        for (PartLine p : work.parts()) {
            csv.writeRecord(
                    CsvText.shown(p.name()),
                    number(p.count()),
                    p.metres() ? "m" : "piece",
                    number(p.each()),
                    number(p.price()));
        }
        csv.writeRecord("all", "", "", "", number(work.price()));
        return text.toString();
    }

    /** The network of the worst case, in the form that the command {@code air} reads. */
    public static String networkJson(AirCase c) throws BookTrouble {
        if (!c.flows()) {
            throw new BookTrouble(Say.it("air-files.there-no-network-yet"));
        }
        Network n = c.network(c.together().scenario());
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode nodes = root.putArray("nodes");
        n.pipes().stream().flatMap(p -> Stream.of(p.from(), p.to())).distinct().forEach(nodes::add);
        ArrayNode pipes = root.putArray("pipes");
        n.pipes()
                .forEach(p -> pipes.addObject()
                        .put("name", p.name())
                        .put("from", p.from())
                        .put("to", p.to())
                        .put("length", p.length().mm())
                        .put("bore", p.bore().mm())
                        .put("roughness", p.roughness().mm())
                        .put("k", p.k()));
        ArrayNode supplies = root.putArray("supplies");
        n.supplies()
                .forEach(s -> supplies.addObject()
                        .put("node", s.node())
                        .put("pressure", s.pressure().bar()));
        ArrayNode demands = root.putArray("demands");
        n.demands()
                .forEach(d -> demands.addObject()
                        .put("node", d.node())
                        .put("flow", FreeAir.of(d.flow(), AirReference.ISO1217).litresPerMinute()));
        root.put("temperature", c.main().shop().air().celsius());
        root.put("barometer", n.barometer().bar());
        root.put("reference", AirReference.ISO1217.word());
        return root.toPrettyString() + "\n";
    }

    /** Mains, drops and room as lines in space, with the fall in them. */
    public static String dxf(AirCase c) throws BookTrouble {
        if (c.walked().runs().isEmpty()) {
            throw new BookTrouble(Say.it("air-files.there-nothing-draw-yet"));
        }
        Dxf dxf = new Dxf(List.of("MAIN", "HOSE", "DROP", "LEG", "NAMES"));
        for (Walked.Run r : c.walked().runs()) {
            Vector a = hung(c, r.from());
            Vector b = hung(c, r.to());
            dxf.line(r.kind().name(), a, b);
            dxf.text("NAMES", a.plus(b).times(0.5), 80, r.name());
        }
        return dxf.done();
    }

    private static Vector hung(AirCase c, String spot) {
        Vector v = c.walked().spots().get(spot).at();
        return new Vector(v.x(), v.y(), c.fall().height(spot).mm());
    }

    /**
     * The drains as an appointment that comes again, and a hold test once a year, as iCalendar (RFC 5545).
     *
     * @param id of the job, for the name of the appointment
     * @param title of the job
     * @param from the first day
     */
    public static String drains(AirCase c, String id, String title, LocalDate from) throws BookTrouble {
        List<String> legs = c.walked().runs().stream()
                .filter(r -> r.kind() == Walked.Kind.LEG)
                .map(Walked.Run::name)
                .toList();
        if (legs.isEmpty()) {
            throw new BookTrouble(Say.it("air-files.this-main-has-no"));
        }
        int every = c.main().use().drainedEvery();
        StringBuilder out = new StringBuilder();
        line(out, "BEGIN:VCALENDAR");
        line(out, "VERSION:2.0");
        line(out, "PRODID:-//Mellow Flare//" + Version.PROGRAM + "//EN");
        event(
                out,
                "drain-" + id,
                Say.it("air-files.drain-air-main", "title", title),
                Say.it("air-files.receiver-first-then-more", "parts", String.join(", ", legs)),
                from,
                "RRULE:FREQ=DAILY;INTERVAL=" + every);
        event(
                out,
                "hold-" + id,
                Say.it("air-files.leak-test-air-main", "title", title),
                Say.it("air-files.pump-up-shut-off"),
                from.plusYears(1),
                "RRULE:FREQ=YEARLY");
        line(out, "END:VCALENDAR");
        return out.toString();
    }

    private static void event(StringBuilder out, String uid, String summary, String text, LocalDate day, String rule) {
        line(out, "BEGIN:VEVENT");
        line(out, "UID:" + uid + "@mellow-flare");
        line(out, "DTSTAMP:" + DateTimeFormatter.BASIC_ISO_DATE.format(day) + "T000000Z");
        line(out, "DTSTART;VALUE=DATE:" + DateTimeFormatter.BASIC_ISO_DATE.format(day));
        line(out, rule);
        line(out, "SUMMARY:" + escaped(summary));
        line(out, "DESCRIPTION:" + escaped(text));
        line(out, "END:VEVENT");
    }

    private static String escaped(String text) {
        return text.replaceAll("[\\p{Cntrl}&&[^\n]]", "")
                .replace("\\", "\\\\")
                .replace(";", "\\;")
                .replace(",", "\\,")
                .replace("\n", "\\n");
    }

    /** Lines end in CR LF and are folded at 75 octets; names are short enough to count letters here. */
    private static void line(StringBuilder out, String text) {
        String rest = text;
        while (rest.length() > 60) {
            out.append(rest, 0, 60).append("\r\n ");
            rest = rest.substring(60);
        }
        out.append(rest).append("\r\n");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceAll("\\.?0+$", "");
    }
}
