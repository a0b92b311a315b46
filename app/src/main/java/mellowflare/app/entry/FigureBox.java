package mellowflare.app.entry;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.ShopInches;
import mellowflare.core.measure.UnitSystem;

/** One of the few figures that the fitter came for: a small label, the figure huge, the other system under it. Inch fractions are built. */
public final class FigureBox extends VBox {
    private final Label label = new Label();
    private final HBox big = new HBox();
    private final Label under = new Label();
    private List<Object> shown = List.of();

    public FigureBox() {
        getStyleClass().add("figure-box");
        label.getStyleClass().add("figure-label");
        under.getStyleClass().add("figure-under");
        big.setAlignment(Pos.BASELINE_LEFT);
        big.getStyleClass().add("figure-line");
        label.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(label, big, under);
    }

    /** A word or a number that is no length. */
    public void words(String name, String text, String below) {
        if (same(List.of(name, text, below))) {
            return;
        }
        label.setText(name);
        word(text, text.length() > 14 ? "figure-word-long" : "figure-word");
        under.setText(below);
        setAccessibleText(name + ": " + text + ", " + below);
    }

    /** A guess: never as large as what is known. */
    public void guess(String name, String text, String below) {
        if (same(List.of(name, text, below, "guess"))) {
            return;
        }
        label.setText(name);
        word(text, "figure-word-guess");
        under.setText(below);
        setAccessibleText(name + ": " + text + ", " + below);
    }

    /** The big word; a node that stays is not styled anew on every key. */
    private void word(String text, String style) {
        if (big.getChildren().size() == 1
                && big.getChildren().get(0) instanceof Label word
                && word.getStyleClass().contains(style)) {
            word.setText(text);
            return;
        }
        Label word = new Label(text);
        word.getStyleClass().add(style);
        word.setMinWidth(USE_PREF_SIZE);
        big.getChildren().setAll(word);
    }

    /** A length as it is marked on the job, both systems. */
    public void length(String name, Optional<Length> length, UnitSystem units) {
        length(name, length, units, "");
    }

    /** The same with a word more under it, as what rounding did; may be empty. */
    public void length(String name, Optional<Length> length, UnitSystem units, String more) {
        if (length.isEmpty()) {
            words(name, "–", Say.it("figure-box.open"));
            return;
        }
        if (same(List.of(name, length.get(), units, more))) {
            return;
        }
        label.setText(name);
        big.getChildren().setAll(figure(length.get(), units));
        under.setText(LengthFormat.shop(length.get(), units.other()) + (more.isEmpty() ? "" : "; " + more));
        setAccessibleText(name + ": " + LengthFormat.both(length.get(), units) + (more.isEmpty() ? "" : ", " + more));
    }

    /** Whether this is shown already; making nodes anew for the same figure costs more than all the arithmetic. */
    private boolean same(List<Object> now) {
        boolean same = now.equals(shown);
        shown = now;
        return same;
    }

    /** A large figure by itself. */
    public static HBox figure(Length length, UnitSystem units) {
        HBox line = new HBox();
        line.setAlignment(units == UnitSystem.METRIC ? Pos.BASELINE_LEFT : Pos.CENTER_LEFT);
        line.getStyleClass().add("figure-line");
        if (units == UnitSystem.METRIC) {
            line.getChildren().add(styled(LengthFormat.shop(length, units).replace(" mm", ""), "figure-number"));
            line.getChildren().add(styled("\u2009mm", "figure-unit"));
            return line;
        }
        ShopInches inches = ShopInches.of(length, LengthFormat.SHOP_DENOMINATOR);
        if (inches.whole() > 0 || inches.numerator() == 0) {
            line.getChildren().add(styled(Long.toString(inches.whole()), "figure-number"));
        }
        if (inches.numerator() > 0) {
            line.getChildren().add(fraction(inches));
        }
        line.getChildren().add(styled("\u2009in", "figure-unit"));
        return line;
    }

    private static Node fraction(ShopInches inches) {
        VBox built = new VBox(
                styled(Integer.toString(inches.numerator()), "figure-fraction"),
                bar(),
                styled(Integer.toString(inches.denominator()), "figure-fraction"));
        built.setAlignment(Pos.CENTER);
        built.getStyleClass().add("built-fraction");
        return built;
    }

    private static Region bar() {
        Region bar = new Region();
        bar.getStyleClass().add("fraction-bar");
        return bar;
    }

    private static Label styled(String text, String style) {
        Label l = new Label(text);
        l.getStyleClass().add(style);
        l.setMinWidth(Region.USE_PREF_SIZE);
        return l;
    }
}
