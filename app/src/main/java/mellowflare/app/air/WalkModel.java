package mellowflare.app.air;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;

/**
 * The walk without a window. A piece is called out in a line of text; while it is typed it stands in the picture already, Enter puts it behind the chosen piece. A chosen piece can be called out anew, moved or
 * taken out.
 */
public final class WalkModel {
    private final AirModel model;
    private final Desk desk;
    private final IntegerProperty chosen = new SimpleIntegerProperty(-1);
    private final FieldState<Piece> draft;
    private boolean changing;
    private boolean editing;
    private Runnable onDraft = () -> {};

    public WalkModel(AirModel model) {
        this.model = model;
        this.desk = model.desk();
        draft = new FieldState<>(
                (t, u) -> WalkText.read(t, u, changing ? name() : model.line().freeName()), WalkModel::understood);
        draft.onChange(() -> onDraft.run());
        draft.show("", Optional.empty(), model.units());
        desk.currentProperty().addListener((o, was, now) -> {
            if (!was.job().id().equals(now.job().id())) {
                stop();
                chosen.set(-1);
            } else if (chosen.get() >= now.job().line(AirMainKind.AIR).pieces().size()) {
                chosen.set(now.job().line(AirMainKind.AIR).pieces().size() - 1);
            }
            if (was.job().units() != now.job().units()) {
                draft.show("", Optional.empty(), now.job().units());
            }
        });
    }

    /** What a line of text was understood as, in the other system. */
    private static String understood(Piece p, UnitSystem u) {
        Optional<Length> l = Optional.empty();
        if (p instanceof Piece.Pipe x) {
            l = Optional.of(x.length());
        } else if (p instanceof Piece.Hose x) {
            l = Optional.of(x.length());
        } else if (p instanceof Piece.Drop x) {
            l = Optional.of(x.down());
        } else if (p instanceof Piece.Drain x) {
            l = Optional.of(x.down());
        }
        return l.map(x -> new Figure.OfReach(x).text(u.other())).orElse("");
    }

    /** Called when the line of text changes. */
    public void onDraft(Runnable action) {
        onDraft = action;
    }

    /** The line of text being called out. */
    public FieldState<Piece> draft() {
        return draft;
    }

    /** Place of the chosen piece in the walk, -1 for before the first. */
    public IntegerProperty chosenProperty() {
        return chosen;
    }

    /** Whether the chosen piece is being called out anew. */
    public boolean changing() {
        return changing;
    }

    public List<Piece> pieces() {
        return model.line().pieces();
    }

    /** A piece as it is called out. */
    public String words(Piece p) {
        return WalkText.write(p, model.units());
    }

    public Optional<Piece> chosenPiece() {
        int at = chosen.get();
        return at >= 0 && at < pieces().size() ? Optional.of(pieces().get(at)) : Optional.empty();
    }

    private String name() {
        return chosenPiece().map(Piece::name).orElse(model.line().freeName());
    }

    /** Chooses the piece of a name, where there is one. */
    public void choose(String name) {
        for (int i = 0; i < pieces().size(); i++) {
            if (pieces().get(i).name().equals(name)) {
                chosen.set(i);
                return;
            }
        }
    }

    /** The main as it would be with the line of text; empty while that is no piece. */
    private Optional<AirMain> tried() {
        return draft.value().map(p -> {
            AirMain m = model.line();
            return changing && chosenPiece().isPresent() ? m.replace(chosen.get(), p) : m.insert(chosen.get() + 1, p);
        });
    }

    /** The main to draw: with the piece that is being typed. */
    public AirCase shown() {
        return tried().map(m -> model.c().sketched(m)).orElseGet(model::c);
    }

    /** The piece to point out. */
    public Optional<String> pointed() {
        return draft.value().map(Piece::name).or(() -> chosenPiece().map(Piece::name));
    }

    /** Takes the line of text into the walk. Says whether there was one. */
    public boolean take() {
        Optional<AirMain> m = tried();
        if (m.isEmpty()) {
            return false;
        }
        Piece p = draft.value().orElseThrow();
        int at = changing && chosenPiece().isPresent() ? chosen.get() : chosen.get() + 1;
        edit(
                changing
                        ? Say.it("walk-model.changed", "piece", p.name())
                        : Say.it("walk-model.added", "piece", p.name()),
                m.get(),
                at);
        return true;
    }

    /** Changes the walk, leaves the line of text and chooses a piece in one go, so that the picture is drawn once. */
    private void edit(String what, AirMain after, int then) {
        boolean same = after.equals(model.line());
        changing = false;
        draft.clear();
        editing = true;
        chosen.set(then);
        editing = false;
        desk.change(what, "", j -> j.with(AirMainKind.AIR, after));
        if (same) {
            onDraft.run();
        }
    }

    /** Whether more is about to change, so that drawing can wait for it. */
    boolean editing() {
        return editing;
    }

    /** Begins a line of text with a word, such as “up ”. */
    public void begin(String word) {
        changing = false;
        draft.clear();
        draft.textProperty().set(word + " ");
    }

    /** Calls the chosen piece out anew. */
    public void change() {
        chosenPiece().ifPresent(p -> {
            changing = true;
            draft.show(words(p), Optional.of(p), model.units());
            onDraft.run();
        });
    }

    /** Leaves the line of text. */
    public void stop() {
        changing = false;
        draft.clear();
        onDraft.run();
    }

    public void remove() {
        int at = chosen.get();
        chosenPiece()
                .ifPresent(p -> edit(
                        Say.it("walk-model.took-out", "name", p.name()),
                        model.line().remove(at),
                        Math.min(at, pieces().size() - 2)));
    }

    /** Moves the chosen piece along the walk. */
    public void move(int by) {
        int at = chosen.get();
        int to = at + by;
        if (chosenPiece().isPresent() && to >= 0 && to < pieces().size()) {
            edit(Say.it("walk-model.moved", "name", name()), model.line().move(at, to), to);
        }
    }

    // --- the chosen outlet ---

    /** Outlets in the order of the walk. */
    public List<Piece.Drop> drops() {
        return pieces().stream()
                .filter(Piece.Drop.class::isInstance)
                .map(Piece.Drop.class::cast)
                .toList();
    }

    /** Changes an outlet. */
    public void outlet(String name, Outlet outlet) {
        for (int i = 0; i < pieces().size(); i++) {
            int at = i;
            if (pieces().get(i) instanceof Piece.Drop d && d.name().equals(name)) {
                desk.change(
                        Say.it("walk-model.tools-at", "name", name),
                        Say.it("walk-model.outlet", "name", name),
                        j -> j.change(AirMainKind.AIR, m -> m.replace(at, d.with(outlet))));
                return;
            }
        }
    }
}
