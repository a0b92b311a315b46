package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.offset.SumLine;

/** The pieces of a line of rigid pipe, without a window: how far each is made, and what they are cut from. */
public final class PiecesModel {
    private final PipeModel model;
    private final Map<String, FieldState<Length>> marked = new HashMap<>();
    private final FieldState<Length> bar = AboveZero.taped();
    private final FieldState<Length> kerf = AboveZero.upTo(Say.it("pieces-model.kerf"), Length.ofMm(20));
    private final FieldState<Length> allowance = AboveZero.orZero();
    private final FieldState<Length> step = AboveZero.field();
    private final FieldState<PipeMaking.OldBar> oldBar;
    private final Together together;

    public PiecesModel(PipeModel model) {
        this.model = model;
        this.together = new Together(model.desk());
        this.oldBar = new FieldState<>(this::readOldBar, (b, u) -> LengthFormat.figure(b.length(), u.other()));
        bar.onChange(() -> bar.value().ifPresent(l -> making(m -> m.withBar(l))));
        kerf.onChange(() -> kerf.value().ifPresent(l -> making(m -> m.withKerf(l))));
        allowance.onChange(() -> allowance.value().ifPresent(l -> making(m -> m.withAllowance(l))));
        step.onChange(() -> model.change(Say.it("pieces-model.step"), l -> l.withStep(step.value())));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private void making(UnaryOperator<PipeMaking> change) {
        model.change(Say.it("pieces-model.bars"), l -> l.withMaking(change.apply(l.making())));
    }

    public List<PieceCut> pieces() {
        return model.isPipe() ? model.c().pieces() : List.of();
    }

    public PieceState state(String piece) {
        return model.line().state(piece);
    }

    /** The next stage of a piece: to cut, cut, threaded, made up. */
    public void next(String piece) {
        model.change(
                Say.it("pieces-model.state", "piece", piece),
                l -> l.with(piece, l.state(piece).with(l.state(piece).done().next())));
    }

    /** As a piece is marked on the pipe, read off by whoever marked it. */
    public FieldState<Length> marked(String piece) {
        return marked.computeIfAbsent(piece, p -> {
            FieldState<Length> f = AboveZero.taped();
            f.onChange(() -> model.change(
                    Say.it("pieces-model.marked", "piece", p),
                    l -> l.with(p, l.state(p).withMarked(f.value()))));
            mark(f, state(p).marked());
            return f;
        });
    }

    public FieldState<Length> bar() {
        return bar;
    }

    public FieldState<Length> kerf() {
        return kerf;
    }

    public FieldState<Length> allowance() {
        return allowance;
    }

    /** To which cuts are rounded; empty for a millimetre or a sixteenth. */
    public FieldState<Length> step() {
        return step;
    }

    public FieldState<PipeMaking.OldBar> oldBar() {
        return oldBar;
    }

    public boolean trim() {
        return model.line().making().trim();
    }

    public void trim(boolean trim) {
        making(m -> m.withTrim(trim));
    }

    public List<PipeMaking.OldBar> old() {
        return model.line().making().old();
    }

    /** Reads “2 x 3250 of 3/4”: how many, how long, which size; without a size that of the line. */
    private Read<PipeMaking.OldBar> readOldBar(String text, UnitSystem u) {
        String[] p = text.strip().split("\\s*(?:x|×)\\s*|\\s+of\\s+");
        if (p.length < 2 || p.length > 3 || !p[0].matches("[1-9]\\d{0,3}")) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("pieces-model.old-as"));
        }
        Optional<String> size = p.length == 3 ? Optional.of(p[2]) : model.line().size();
        if (size.filter(model.sizes()::contains).isEmpty()) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("pieces-model.no-size"));
        }
        return LengthText.read(p[1], u)
                .then(l -> l.mm() > 0
                        ? Read.of(new PipeMaking.OldBar(size.get(), l, Integer.parseInt(p[0])))
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("pieces-model.old-as")));
    }

    public void takeOldBar() {
        oldBar.value().ifPresent(b -> {
            List<PipeMaking.OldBar> more = new ArrayList<>(old());
            more.add(b);
            making(m -> m.withOld(more));
            oldBar.clear();
        });
    }

    public void remove(PipeMaking.OldBar b) {
        List<PipeMaking.OldBar> less = new ArrayList<>(old());
        less.remove(b);
        making(m -> m.withOld(less));
    }

    /** Everything is cut: the pieces are marked so, used bars go from the rack, remnants come back on it, in every job that was cut together. */
    public void cut(Map<PipeBars.Kind, CutPlan> plans) {
        List<PipeBars.Marked> lines = together.lines(model.c());
        PipeLine mine = PipeBars.cut(lines, 0, plans);
        together.cut(lines, plans);
        model.change(Say.it("pieces-model.cut"), l -> mine);
    }

    /** Other jobs whose pieces are cut together with these. */
    public Together together() {
        return together;
    }

    /** The lines that are cut together: that of the open job first. */
    public List<PipeBars.Marked> lines() {
        return model.isPipe() ? together.lines(model.c()) : List.of();
    }

    private void show(FieldState<Length> f, Optional<Length> l) {
        f.show(l.map(x -> LengthFormat.figure(x, model.units())).orElse(""), l, model.units());
    }

    /** As it stands on the pipe: a bare figure, in fractions where it is one. */
    private void mark(FieldState<Length> f, Optional<Length> l) {
        f.show(l.map(x -> SumLine.bare(x, model.units())).orElse(""), l, model.units());
    }

    private void refresh() {
        if (!model.isPipe()) {
            return;
        }
        PipeMaking m = model.line().making();
        show(bar, Optional.of(m.bar()));
        show(kerf, Optional.of(m.kerf()));
        show(allowance, Optional.of(m.allowance()));
        show(step, model.line().step());
        marked.forEach((piece, f) -> mark(f, state(piece).marked()));
    }
}
