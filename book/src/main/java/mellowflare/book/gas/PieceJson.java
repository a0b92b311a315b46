package mellowflare.book.gas;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.Words;
import mellowflare.core.gas.layout.Connector;
import mellowflare.core.gas.layout.HoseSort;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.layout.Plate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.run.walk.Turn;

/** Pieces of a gas line to and from a tree. Lengths in mm, pressures in mbar, power in kW. */
final class PieceJson {
    private PieceJson() {}

    static void write(Piece p, ObjectNode n) {
        if (p instanceof Piece.Pipe x) {
            n.put("piece", "pipe").put("name", x.name()).put("turn", x.turn().word());
            n.put("length", x.length().mm());
            x.size().ifPresent(s -> n.put("size", s));
            if (x.elbows() > 0) {
                n.put("elbows", x.elbows());
            }
            if (x.lies() != Piece.Lies.OPEN) {
                n.put("lies", Words.of(x.lies()));
            }
            flag(n, "standing", x.standing());
        } else if (p instanceof Piece.Hose x) {
            n.put("piece", "hose").put("name", x.name()).put("turn", x.turn().word());
            connector(x.hose(), n);
        } else if (p instanceof Piece.Appliance x) {
            appliance(x, n);
        } else if (p instanceof Piece.Reduce x) {
            n.put("piece", "regulator").put("name", x.name()).put("regulator", x.regulator());
        } else if (p instanceof Piece.Valve x) {
            n.put("piece", "valve").put("name", x.name());
        } else if (p instanceof Piece.Cap x) {
            n.put("piece", "cap").put("name", x.name());
        } else if (p instanceof Piece.From x) {
            n.put("piece", "from").put("to", x.to());
        } else if (p instanceof Piece.Close x) {
            n.put("piece", "close").put("name", x.name()).put("to", x.to());
            x.size().ifPresent(s -> n.put("size", s));
        }
    }

    private static void flag(ObjectNode n, String name, boolean is) {
        if (is) {
            n.put(name, true);
        }
    }

    private static void connector(Connector h, ObjectNode n) {
        n.put("length", h.length().mm()).put("bore", h.bore().mm()).put("sort", Words.of(h.sort()));
        flag(n, "coupler", h.coupler());
    }

    private static void appliance(Piece.Appliance x, ObjectNode n) {
        Plate t = x.plate();
        n.put("piece", "appliance").put("name", x.name());
        t.input().ifPresent(p -> n.put("input", p.kilowatts()));
        t.usual().ifPresent(u -> n.put("usual", u));
        if (t.marking() != Marking.UNKNOWN) {
            n.put("inlet", Words.of(t.marking()));
        }
        t.least().ifPresent(p -> n.put("least", p.millibar()));
        t.greatest().ifPresent(p -> n.put("greatest", p.millibar()));
        t.gas().ifPresent(g -> n.put("gas", g));
        x.hose().ifPresent(h -> connector(h, n.putObject("hose")));
        flag(n, "new", x.added());
        x.instead().ifPresent(s -> n.put("instead", s));
        x.vented().ifPresent(v -> n.put("vented", v));
    }

    static Piece read(Fields p) throws BookTrouble {
        String kind = p.text("piece");
        return switch (kind) {
            case "pipe" ->
                new Piece.Pipe(
                        p.text("name"),
                        p.word("turn", Turn.class),
                        Length.ofMm(p.number("length")),
                        p.maybeText("size"),
                        p.maybeNumber("elbows").map(Double::intValue).orElse(0),
                        p.maybeWord("lies", Piece.Lies.class).orElse(Piece.Lies.OPEN),
                        p.flag("standing"));
            case "hose" -> new Piece.Hose(p.text("name"), p.word("turn", Turn.class), connector(p));
            case "appliance" ->
                new Piece.Appliance(
                        p.text("name"),
                        new Plate(
                                p.maybeNumber("input").map(Power::ofKilowatts),
                                p.maybeText("usual"),
                                p.maybeWord("inlet", Marking.class).orElse(Marking.UNKNOWN),
                                p.maybeNumber("least").map(GaugePressure::ofMillibar),
                                p.maybeNumber("greatest").map(GaugePressure::ofMillibar),
                                p.maybeText("gas")),
                        p.has("hose") ? Optional.of(connector(p.object("hose"))) : Optional.empty(),
                        p.flag("new"),
                        p.maybeText("instead"),
                        p.has("vented") ? Optional.of(p.flag("vented")) : Optional.empty());
            case "regulator" -> new Piece.Reduce(p.text("name"), p.text("regulator"));
            case "valve" -> new Piece.Valve(p.text("name"));
            case "cap" -> new Piece.Cap(p.text("name"));
            case "from" -> new Piece.From(Say.it("piece-json.from", "text", p.text("to")), p.text("to"));
            case "close" -> new Piece.Close(p.text("name"), p.text("to"), p.maybeText("size"));
            default -> throw p.wrong("piece", Say.it("piece-json.none"));
        };
    }

    private static Connector connector(Fields f) throws BookTrouble {
        return new Connector(
                Length.ofMm(f.number("length")),
                Length.ofMm(f.number("bore")),
                f.maybeWord("sort", HoseSort.class).orElse(HoseSort.LISTED),
                f.flag("coupler"));
    }
}
