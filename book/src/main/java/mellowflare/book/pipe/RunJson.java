package mellowflare.book.pipe;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.Words;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.Side;
import mellowflare.core.pipe.layout.Way;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;

/** A run of rigid pipe to and from a tree. Lengths in mm, angles in degrees. */
final class RunJson {
    private RunJson() {}

    static ObjectNode write(RunAsk r) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.set("start", end(r.start()));
        n.put("startFixed", r.startFixed());
        ArrayNode pieces = n.putArray("pieces");
        r.pieces().forEach(p -> pieces.add(piece(p)));
        ArrayNode boxes = n.putArray("boxes");
        r.boxes().forEach(b -> {
            ObjectNode box = boxes.addObject().put("name", b.name());
            vector(box.putArray("low"), b.low());
            vector(box.putArray("high"), b.high());
        });
        r.check().ifPresent(k -> {
            ObjectNode check = n.putObject("check").put("place", k.place());
            k.diagonal().ifPresent(l -> check.put("diagonal", l.mm()));
            k.ahead().ifPresent(l -> check.put("ahead", l.mm()));
            k.left().ifPresent(l -> check.put("left", l.mm()));
            k.up().ifPresent(l -> check.put("up", l.mm()));
        });
        return n;
    }

    private static void vector(ArrayNode to, Vector v) {
        to.add(v.x()).add(v.y()).add(v.z());
    }

    static ObjectNode end(PipeEnd e) {
        ObjectNode n = JsonNodeFactory.instance.objectNode().put("kind", Words.of(e.kind()));
        e.setBack().ifPresent(s -> n.put("setBack", s.mm()));
        return n;
    }

    static PipeEnd end(Fields f) throws BookTrouble {
        return new PipeEnd(
                f.word("kind", EndKind.class), f.maybeNumber("setBack").map(Length::ofMm));
    }

    private static ObjectNode piece(Piece p) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        if (p instanceof Piece.Pipe x) {
            n.put("piece", "pipe").put("name", x.name());
            way(n, x.way());
            n.put("length", x.length().mm()).put("measure", Words.of(x.measure()));
            if (x.bought()) {
                n.put("bought", true);
            }
        } else if (p instanceof Piece.Elbow x) {
            n.put("piece", "elbow")
                    .put("name", x.name())
                    .put("angle", x.by().degrees())
                    .put("side", x.side().word());
        } else if (p instanceof Piece.Tee x) {
            n.put("piece", "tee")
                    .put("name", x.name())
                    .put("side", x.branch().word())
                    .put("to", x.to());
        } else if (p instanceof Piece.Cross x) {
            n.put("piece", "cross")
                    .put("name", x.name())
                    .put("side", x.first().word())
                    .put("to", x.to())
                    .put("and", x.across());
        } else if (p instanceof Piece.InLine x) {
            n.put("piece", Words.of(x.kind())).put("name", x.name());
            x.flange().ifPresent(k -> n.put("flange", Words.of(k)));
        } else if (p instanceof Piece.Reducer x) {
            n.put("piece", x.bushing() ? "bushing" : "reducer")
                    .put("name", x.name())
                    .put("size", x.size());
        } else if (p instanceof Piece.Swage x) {
            n.put("piece", "swage")
                    .put("name", x.name())
                    .put("size", x.size())
                    .put("length", x.length().mm());
        } else if (p instanceof Piece.Closed x) {
            n.put("piece", Words.of(x.by())).put("name", x.name());
        } else if (p instanceof Piece.From x) {
            n.put("piece", "from").put("to", x.to());
        } else if (p instanceof Piece.End x) {
            n.put("piece", "end").put("name", x.name());
            n.set("end", end(x.end()));
            n.put("fixed", x.fixed());
        }
        return n;
    }

    private static void way(ObjectNode n, Way w) {
        if (w instanceof Way.To to) {
            n.put("way", to.side().word());
        } else if (w instanceof Way.Turned t) {
            n.put("way", "turned")
                    .put("angle", t.by().degrees())
                    .put("side", t.side().word());
        } else {
            n.put("way", w instanceof Way.Back ? "back" : w instanceof Way.On ? "on" : "ahead");
        }
    }

    static RunAsk read(Fields f) throws BookTrouble {
        List<Piece> pieces = new ArrayList<>();
        for (Fields p : f.array("pieces")) {
            pieces.add(piece(p));
        }
        List<Box> boxes = new ArrayList<>();
        for (Fields b : f.array("boxes")) {
            boxes.add(new Box(b.text("name"), b.vector("low"), b.vector("high")));
        }
        Fields k = f.object("check");
        return new RunAsk(
                f.has("start") ? end(f.object("start")) : RunAsk.NEW.start(),
                f.has("startFixed") ? f.flag("startFixed") : RunAsk.NEW.startFixed(),
                pieces,
                boxes,
                f.has("check")
                        ? Optional.of(new RunAsk.Check(
                                k.text("place"),
                                k.maybeNumber("diagonal").map(Length::ofMm),
                                k.maybeNumber("ahead").map(Length::ofMm),
                                k.maybeNumber("left").map(Length::ofMm),
                                k.maybeNumber("up").map(Length::ofMm)))
                        : Optional.empty());
    }

    private static Piece piece(Fields p) throws BookTrouble {
        String kind = p.text("piece");
        return switch (kind) {
            case "pipe" ->
                new Piece.Pipe(
                        p.text("name"),
                        way(p),
                        Length.ofMm(p.number("length")),
                        p.maybeWord("measure", Piece.Measure.class).orElse(Piece.Measure.CENTRES),
                        p.flag("bought"));
            case "elbow" ->
                new Piece.Elbow(p.text("name"), Angle.ofDegrees(p.number("angle")), p.word("side", Side.class));
            case "tee" -> new Piece.Tee(p.text("name"), p.word("side", Side.class), p.text("to"));
            case "cross" -> new Piece.Cross(p.text("name"), p.word("side", Side.class), p.text("to"), p.text("and"));
            case "reducer", "bushing" -> new Piece.Reducer(p.text("name"), p.text("size"), kind.equals("bushing"));
            case "swage" -> new Piece.Swage(p.text("name"), p.text("size"), Length.ofMm(p.number("length")));
            case "cap" -> new Piece.Closed(p.text("name"), Piece.Stop.CAP);
            case "plug" -> new Piece.Closed(p.text("name"), Piece.Stop.PLUG);
            case "from" -> new Piece.From(Say.it("run-json.from", "text", p.text("to")), p.text("to"));
            case "end" -> new Piece.End(p.text("name"), end(p.object("end")), p.flag("fixed"));
            default ->
                new Piece.InLine(
                        p.text("name"), p.word("piece", Piece.Fitting.class), p.maybeWord("flange", EndKind.class));
        };
    }

    private static Way way(Fields p) throws BookTrouble {
        return switch (p.text("way")) {
            case "on" -> Way.ON;
            case "ahead" -> Way.AHEAD;
            case "back" -> new Way.Back();
            case "turned" -> new Way.Turned(Angle.ofDegrees(p.number("angle")), p.word("side", Side.class));
            default -> new Way.To(p.word("way", Side.class));
        };
    }
}
