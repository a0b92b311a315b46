package mellowflare.book.pipe;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.FigureJson;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.Words;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;

/** A line of rigid pipe to and from a tree. Lengths in mm, angles in degrees. */
final class PipeJson {
    private PipeJson() {}

    static ObjectNode write(PipeLine p) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("shape", Words.of(p.shape()));
        p.system().ifPresent(s -> n.put("fittings", s));
        p.grade().ifPresent(s -> n.put("pipe", s));
        p.size().ifPresent(s -> n.put("size", s));
        n.set("offset", offset(p.offset()));
        if (!p.run().equals(RunAsk.NEW)) {
            n.set("run", RunJson.write(p.run()));
        }
        ArrayNode measured = n.putArray("measured");
        p.measured().entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey().name()))
                .forEach(e -> {
                    ObjectNode m = measured.addObject()
                            .put("part", e.getKey().kind().id())
                            .put("size", e.getKey().size())
                            .put("angle", e.getKey().angle().degrees());
                    e.getKey().small().ifPresent(s -> m.put("small", s));
                    m.put("length", e.getValue().mm());
                });
        ObjectNode sample = n.putObject("sample");
        new TreeMap<>(p.sample()).forEach((size, l) -> sample.put(size, l.mm()));
        p.step().ifPresent(s -> n.put("roundTo", s.mm()));
        ObjectNode states = n.putObject("states");
        new TreeMap<>(p.states()).forEach((piece, s) -> {
            ObjectNode state = states.putObject(piece).put("done", Words.of(s.done()));
            s.marked().ifPresent(l -> state.put("marked", l.mm()));
        });
        n.set("making", making(p.making()));
        n.set("join", join(p.join()));
        if (!p.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(p.here()));
        }
        return n;
    }

    private static ObjectNode offset(OffsetAsk o) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("way", Words.of(o.way()));
        ObjectNode figures = n.putObject("figures");
        for (OffsetFigure f : OffsetFigure.values()) {
            o.figure(f).ifPresent(t -> {
                ObjectNode taken = figures.putObject(Words.of(f));
                taken.set("written", FigureJson.write(t.written()));
                t.called().ifPresent(c -> taken.put("called", c.mm()));
                if (!t.reference().isEmpty()) {
                    taken.put("reference", t.reference());
                }
            });
        }
        n.put("angle", o.fitting().degrees());
        if (o.legs() instanceof Legs.GivenA given) {
            n.put("legA", given.a().mm());
        } else {
            n.put("shift", ((Legs.Shifted) o.legs()).by().mm());
        }
        n.set("a", RunJson.end(o.a()));
        n.set("c", RunJson.end(o.c()));
        o.obstruction()
                .ifPresent(x -> n.putObject("obstruction")
                        .put("name", x.name())
                        .put("along", x.along().mm())
                        .put("length", x.length().mm())
                        .put("from", x.from().mm())
                        .put("width", x.width().mm()));
        n.put("clear", o.clear().mm()).put("pipes", o.pipes());
        o.spread().ifPresent(s -> n.put("spread", s.mm()));
        if (!o.faces().isEmpty()) {
            ArrayNode faces = n.putArray("faces");
            o.faces().forEach(l -> faces.add(l.mm()));
        }
        return n;
    }

    private static ObjectNode making(PipeMaking m) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("bar", m.bar().mm())
                .put("kerf", m.kerf().mm())
                .put("trim", m.trim())
                .put("allowance", m.allowance().mm());
        ArrayNode old = n.putArray("old");
        m.old()
                .forEach(o -> old.addObject()
                        .put("size", o.size())
                        .put("length", o.length().mm())
                        .put("count", o.count()));
        return n;
    }

    private static ObjectNode join(JoinAnswers a) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        a.opened().ifPresent(o -> n.put("opened", Words.of(o)));
        a.turns().ifPresent(b -> n.put("turns", b));
        a.weld().ifPresent(b -> n.put("weld", b));
        a.sameMetal().ifPresent(b -> n.put("sameMetal", b));
        a.gap().ifPresent(g -> n.put("gap", Words.of(g)));
        return n;
    }

    /** Impossible values are refused by the line's own types, whose sentences reach the reader. */
    static PipeLine read(Fields f) throws BookTrouble {
        Map<PartKey, Length> measured = new HashMap<>();
        for (Fields m : f.array("measured")) {
            measured.put(
                    new PartKey(
                            m.word("part", PartKind.class),
                            m.text("size"),
                            Angle.ofDegrees(m.maybeNumber("angle").orElse(90.0)),
                            m.maybeText("small")),
                    Length.ofMm(m.number("length")));
        }
        Map<String, Length> sample = new HashMap<>();
        for (String size : f.object("sample").names()) {
            sample.put(size, Length.ofMm(f.object("sample").number(size)));
        }
        Map<String, PieceState> states = new HashMap<>();
        for (String piece : f.object("states").names()) {
            Fields s = f.object("states").object(piece);
            states.put(
                    piece,
                    new PieceState(
                            s.word("done", PieceState.Done.class),
                            s.maybeNumber("marked").map(Length::ofMm)));
        }
        return new PipeLine(
                f.maybeWord("shape", PipeShape.class).orElse(PipeShape.OFFSET),
                f.maybeText("fittings"),
                f.maybeText("pipe"),
                f.maybeText("size"),
                f.has("offset") ? offset(f.object("offset")) : OffsetAsk.NEW,
                f.has("run") ? RunJson.read(f.object("run")) : RunAsk.NEW,
                measured,
                sample,
                f.maybeNumber("roundTo").map(Length::ofMm),
                states,
                f.has("making") ? making(f.object("making")) : PipeMaking.USUAL,
                join(f.object("join")),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }

    private static OffsetAsk offset(Fields f) throws BookTrouble {
        OffsetAsk usual = OffsetAsk.NEW;
        Map<OffsetFigure, Taken> figures = new EnumMap<>(OffsetFigure.class);
        for (OffsetFigure figure : OffsetFigure.values()) {
            String name = Words.of(figure);
            if (f.object("figures").has(name)) {
                Fields t = f.object("figures").object(name);
                figures.put(
                        figure,
                        new Taken(
                                FigureJson.read(t.object("written")),
                                t.maybeNumber("called").map(Length::ofMm),
                                t.textOr("reference", "")));
            }
        }
        Fields x = f.object("obstruction");
        return new OffsetAsk(
                f.maybeWord("way", OffsetWay.class).orElse(usual.way()),
                figures,
                f.maybeNumber("angle").map(Angle::ofDegrees).orElse(usual.fitting()),
                f.has("legA")
                        ? new Legs.GivenA(Length.ofMm(f.number("legA")))
                        : new Legs.Shifted(Length.ofMm(f.maybeNumber("shift").orElse(0.0))),
                f.has("a") ? RunJson.end(f.object("a")) : usual.a(),
                f.has("c") ? RunJson.end(f.object("c")) : usual.c(),
                f.has("obstruction")
                        ? Optional.of(new Obstruction(
                                x.textOr("name", ""),
                                Length.ofMm(x.number("along")),
                                Length.ofMm(x.number("length")),
                                Length.ofMm(x.number("from")),
                                Length.ofMm(x.number("width"))))
                        : Optional.empty(),
                f.maybeNumber("clear").map(Length::ofMm).orElse(usual.clear()),
                f.maybeNumber("pipes").map(Double::intValue).orElse(usual.pipes()),
                f.maybeNumber("spread").map(Length::ofMm),
                f.numbers("faces").stream().map(Length::ofMm).toList());
    }

    private static PipeMaking making(Fields f) throws BookTrouble {
        PipeMaking usual = PipeMaking.USUAL;
        List<PipeMaking.OldBar> old = new ArrayList<>();
        for (Fields o : f.array("old")) {
            old.add(new PipeMaking.OldBar(o.text("size"), Length.ofMm(o.number("length")), (int) o.number("count")));
        }
        return new PipeMaking(
                f.maybeNumber("bar").map(Length::ofMm).orElse(usual.bar()),
                f.maybeNumber("kerf").map(Length::ofMm).orElse(usual.kerf()),
                f.flag("trim"),
                f.maybeNumber("allowance").map(Length::ofMm).orElse(usual.allowance()),
                old);
    }

    private static JoinAnswers join(Fields f) throws BookTrouble {
        return new JoinAnswers(
                f.maybeWord("opened", JoinAnswers.Opened.class),
                f.has("turns") ? Optional.of(f.flag("turns")) : Optional.empty(),
                f.has("weld") ? Optional.of(f.flag("weld")) : Optional.empty(),
                f.has("sameMetal") ? Optional.of(f.flag("sameMetal")) : Optional.empty(),
                f.maybeWord("gap", JoinAnswers.Gap.class));
    }
}
