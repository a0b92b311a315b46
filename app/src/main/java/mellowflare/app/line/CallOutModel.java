package mellowflare.app.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Called;

/**
 * A walk that is called out, without a window. A piece is called out in a line of text; while it is typed it stands in the picture already, Enter puts it behind the chosen piece. A chosen piece can be called out anew,
 * moved or taken out.
 *
 * @param <P> pieces of this kind of line
 */
public class CallOutModel<P extends Called> {
    private final Desk desk;
    private final CalledOut<P> line;
    private final IntegerProperty chosen = new SimpleIntegerProperty(-1);
    private final FieldState<P> draft;
    private boolean changing;
    private boolean editing;
    private Runnable onDraft = () -> {};

    public CallOutModel(Desk desk, CalledOut<P> line) {
        this.desk = desk;
        this.line = line;
        draft = new FieldState<>((t, u) -> line.read(t, u, changing ? name() : line.freeName()), this::understood);
        draft.onChange(() -> onDraft.run());
        draft.show("", Optional.empty(), desk.units());
        desk.currentProperty().addListener((o, was, now) -> {
            if (!was.job().id().equals(now.job().id())) {
                stop();
                chosen.set(-1);
            } else if (chosen.get() >= pieces().size()) {
                chosen.set(pieces().size() - 1);
            }
            if (was.job().units() != now.job().units()) {
                draft.show("", Optional.empty(), now.job().units());
            }
        });
    }

    /**
     * What a kind of line does with the pieces that are called out.
     *
     * @param <P> its pieces
     */
    public interface CalledOut<P extends Called> {
        /** The pieces of the open line. */
        List<P> pieces();

        Read<P> read(String text, UnitSystem units, String usualName);

        /** In the words in which it is called out. */
        String write(P piece, UnitSystem units);

        /** A name that no piece has yet. */
        String freeName();

        /** How far a piece goes; empty for one that goes nowhere. */
        Optional<Length> reach(P piece);

        /** Keeps the pieces. */
        void keep(String what, List<P> pieces);
    }

    /** What a line of text was understood as, in the other system. */
    private String understood(P p, UnitSystem u) {
        return line.reach(p).map(x -> new Figure.OfReach(x).text(u.other())).orElse("");
    }

    /** Called when the line of text changes. */
    public void onDraft(Runnable action) {
        onDraft = action;
    }

    /** The line of text being called out. */
    public FieldState<P> draft() {
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

    public List<P> pieces() {
        return line.pieces();
    }

    /** A piece as it is called out. */
    public String words(P p) {
        return line.write(p, desk.units());
    }

    public Optional<P> chosenPiece() {
        int at = chosen.get();
        return at >= 0 && at < pieces().size() ? Optional.of(pieces().get(at)) : Optional.empty();
    }

    private String name() {
        return chosenPiece().map(Called::name).orElse(line.freeName());
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

    /** The pieces as they would be with the line of text; empty while that is no piece. */
    public Optional<List<P>> tried() {
        return draft.value().map(p -> {
            List<P> more = new ArrayList<>(pieces());
            if (changing && chosenPiece().isPresent()) {
                more.set(chosen.get(), p);
            } else {
                more.add(chosen.get() + 1, p);
            }
            return more;
        });
    }

    /** The piece to point out. */
    public Optional<String> pointed() {
        return draft.value().map(Called::name).or(() -> chosenPiece().map(Called::name));
    }

    /** Takes the line of text into the walk. Says whether there was one. */
    public boolean take() {
        Optional<List<P>> with = tried();
        if (with.isEmpty()) {
            return false;
        }
        P p = draft.value().orElseThrow();
        int at = changing && chosenPiece().isPresent() ? chosen.get() : chosen.get() + 1;
        edit(
                changing
                        ? Say.it("call-out-model.changed", "piece", p.name())
                        : Say.it("call-out-model.added", "piece", p.name()),
                with.get(),
                at);
        return true;
    }

    /** Changes the walk, leaves the line of text and chooses a piece in one go, so that the picture is drawn once. */
    private void edit(String what, List<P> after, int then) {
        boolean same = after.equals(pieces());
        changing = false;
        draft.clear();
        editing = true;
        chosen.set(then);
        editing = false;
        line.keep(what, after);
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
            draft.show(words(p), Optional.of(p), desk.units());
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
        chosenPiece().ifPresent(p -> {
            List<P> less = new ArrayList<>(pieces());
            less.remove(at);
            edit(Say.it("call-out-model.took-out", "name", p.name()), less, Math.min(at, pieces().size() - 2));
        });
    }

    /** Moves the chosen piece along the walk. */
    public void move(int by) {
        int at = chosen.get();
        int to = at + by;
        if (chosenPiece().isPresent() && to >= 0 && to < pieces().size()) {
            List<P> moved = new ArrayList<>(pieces());
            moved.add(to, moved.remove(at));
            edit(Say.it("call-out-model.moved", "name", name()), moved, to);
        }
    }
}
