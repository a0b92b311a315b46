package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.app.line.CallOutModel;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.assemble.UnionPlace;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.RunText;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.SumLine;

/** A run as it is called out, without a window: its pieces, how it begins, what is in its way, and where its end was measured to be. */
public final class RunModel extends CallOutModel<Piece> {
    private final PipeModel model;
    private final FieldState<Box> box;
    private final Map<Measured, FieldState<Length>> check = new EnumMap<>(Measured.class);

    /** Second ways of measuring to a place. */
    public enum Measured {
        DIAGONAL,
        AHEAD,
        LEFT,
        UP;

        String word() {
            return switch (this) {
                case DIAGONAL -> Say.it("run-model.diagonal");
                case AHEAD -> Say.it("run-model.ahead");
                case LEFT -> Say.it("run-model.left");
                case UP -> Say.it("run-model.up");
            };
        }
    }

    public RunModel(PipeModel model) {
        super(model.desk(), new OfPipe(model));
        this.model = model;
        this.box = new FieldState<>(RunModel::readBox, (b, u) -> "");
        for (Measured m : Measured.values()) {
            FieldState<Length> f = m == Measured.DIAGONAL
                    ? AboveZero.taped()
                    : new FieldState<>(RunModel::signed, (l, u) -> LengthFormat.figure(l, u.other()));
            f.onChange(this::keepCheck);
            check.put(m, f);
        }
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private record OfPipe(PipeModel model) implements CalledOut<Piece> {
        @Override
        public List<Piece> pieces() {
            return model.line().run().pieces();
        }

        @Override
        public Read<Piece> read(String text, UnitSystem units, String usualName) {
            return RunText.read(text, units, usualName);
        }

        @Override
        public String write(Piece piece, UnitSystem units) {
            return RunText.write(piece, units);
        }

        @Override
        public String freeName() {
            return model.line().run().freeName();
        }

        @Override
        public Optional<Length> reach(Piece p) {
            return p instanceof Piece.Pipe x ? Optional.of(x.length()) : Optional.empty();
        }

        @Override
        public void keep(String what, List<Piece> pieces) {
            model.desk()
                    .change(
                            what,
                            "",
                            j -> j.change(
                                    mellowflare.core.pipe.PipeLineKind.PIPE,
                                    l -> l.withRun(l.run().withPieces(pieces))));
        }
    }

    private RunAsk run() {
        return model.line().run();
    }

    private void run(String what, UnaryOperator<RunAsk> change) {
        model.change(what, l -> l.withRun(change.apply(l.run())));
    }

    /** The run to draw: with the piece that is being typed. */
    public PipeCase shown() {
        return tried().filter(p -> p.size() <= RunAsk.MOST)
                .map(p -> {
                    PipeLine line = model.line();
                    return model.c().sketched(line.withRun(line.run().withPieces(p)));
                })
                .orElseGet(model::c);
    }

    // --- how it begins ---

    public EndKind start() {
        return run().start().kind();
    }

    public void start(EndKind kind) {
        run(Say.it("run-model.start"), r -> r.withStart(PipeEnd.of(kind)).withStartFixed(kind != EndKind.OPEN));
    }

    // --- what is in the way ---

    /** A box as it is typed: its name, then two corners. */
    public FieldState<Box> box() {
        return box;
    }

    public List<Box> boxes() {
        return run().boxes();
    }

    public void takeBox() {
        box.value().ifPresent(b -> {
            List<Box> more = new ArrayList<>(boxes());
            more.add(b);
            run(Say.it("run-model.boxes"), r -> r.withBoxes(more));
            box.clear();
        });
    }

    public void remove(Box b) {
        List<Box> less = new ArrayList<>(boxes());
        less.remove(b);
        run(Say.it("run-model.boxes"), r -> r.withBoxes(less));
    }

    /** Reads “post: 3200 -400 0 to 3400 -60 2600”: ahead, left and up of two corners. */
    private static Read<Box> readBox(String text, UnitSystem u) {
        int colon = text.indexOf(':');
        String name = colon < 0 ? Say.it("run-model.box") : text.substring(0, colon);
        String[] corners = text.substring(colon + 1).strip().split("\\s+to\\s+");
        if (corners.length != 2) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-model.box-as"));
        }
        Read<Vector> low = corner(corners[0], u);
        Read<Vector> high = corner(corners[1], u);
        return low.then(a -> high.then(b -> a.x() < b.x() && a.y() < b.y() && a.z() < b.z()
                ? Read.of(new Box(name, a, b))
                : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("run-model.box-as"))));
    }

    private static Read<Vector> corner(String text, UnitSystem u) {
        String[] three = text.strip().split("[\\s,;]+");
        if (three.length != 3) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-model.box-as"));
        }
        return signed(three[0], u)
                .then(x -> signed(three[1], u)
                        .then(y -> signed(three[2], u).then(z -> Read.of(new Vector(x.mm(), y.mm(), z.mm())))));
    }

    private static Read<Length> signed(String text, UnitSystem u) {
        String t = text.strip().replace('−', '-');
        return t.startsWith("-")
                ? LengthText.read(t.substring(1), u).then(l -> Read.of(l.times(-1)))
                : LengthText.read(t, u);
    }

    // --- the check ---

    public FieldState<Length> check(Measured m) {
        return check.get(m);
    }

    /** Places that can be measured to: where pieces end. */
    public List<String> places() {
        return model.c()
                .laid()
                .map(l -> l.fittings().stream().skip(1).map(f -> f.name()).toList())
                .orElse(List.of());
    }

    public Optional<String> place() {
        return run().check().map(RunAsk.Check::place);
    }

    public void place(String name) {
        run(Say.it("run-model.check"), r -> r.withCheck(Optional.of(check(name))));
    }

    private RunAsk.Check check(String place) {
        return new RunAsk.Check(
                place,
                check.get(Measured.DIAGONAL).value(),
                check.get(Measured.AHEAD).value(),
                check.get(Measured.LEFT).value(),
                check.get(Measured.UP).value());
    }

    private void keepCheck() {
        List<String> places = places();
        String place = place().orElse(places.isEmpty() ? RunAsk.START : places.get(places.size() - 1));
        run(
                Say.it("run-model.check"),
                r -> r.withCheck(Optional.of(check(place)).filter(c -> !c.empty())));
    }

    // --- unions ---

    /** Puts a union where it is proposed; an offset becomes a run with it. */
    public void put(UnionPlace place) {
        model.change(Say.it("run-model.union"), l -> l.withShape(PipeShape.RUN).withRun(place.ask()));
    }

    private void refresh() {
        if (!model.isPipe()) {
            return;
        }
        Optional<RunAsk.Check> k = run().check();
        UnitSystem u = model.units();
        show(check.get(Measured.DIAGONAL), k.flatMap(RunAsk.Check::diagonal), u);
        show(check.get(Measured.AHEAD), k.flatMap(RunAsk.Check::ahead), u);
        show(check.get(Measured.LEFT), k.flatMap(RunAsk.Check::left), u);
        show(check.get(Measured.UP), k.flatMap(RunAsk.Check::up), u);
    }

    private static void show(FieldState<Length> f, Optional<Length> l, UnitSystem u) {
        f.show(
                l.map(x -> (x.mm() < 0 ? "-" : "") + SumLine.bare(Length.ofMm(Math.abs(x.mm())), u))
                        .orElse(""),
                l,
                u);
    }
}
