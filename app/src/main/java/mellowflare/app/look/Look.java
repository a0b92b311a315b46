package mellowflare.app.look;

import java.io.InputStream;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.binding.ObjectBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import mellowflare.app.paint.Ink;

/** Day or night, ordinary or large type; one for the whole window. */
public final class Look {
    private static final PseudoClass NIGHT = PseudoClass.getPseudoClass("night");
    private static final PseudoClass LARGE = PseudoClass.getPseudoClass("large");
    private final BooleanProperty night = new SimpleBooleanProperty(false);
    private final BooleanProperty large = new SimpleBooleanProperty(false);
    private final DoubleBinding scale = Bindings.createDoubleBinding(() -> large.get() ? 1.35 : 1, large);
    private final ObjectBinding<Ink> ink = Bindings.createObjectBinding(() -> night.get() ? Ink.NIGHT : Ink.DAY, night);

    public BooleanProperty nightProperty() {
        return night;
    }

    public BooleanProperty largeProperty() {
        return large;
    }

    /** How much larger than ordinary the texts of drawings are. */
    public DoubleBinding scale() {
        return scale;
    }

    /** Colours of the drawings. */
    public ObjectBinding<Ink> ink() {
        return ink;
    }

    /** Loads the shipped faces and dresses the scene. */
    public void dress(Scene scene) {
        font("/mellowflare/book/fonts/SourceSans3_400Regular.ttf");
        font("/mellowflare/book/fonts/SourceSans3_600SemiBold.ttf");
        font("/mellowflare/app/fonts/B612-Regular.otf");
        scene.getStylesheets()
                .setAll(Look.class
                        .getResource("/mellowflare/app/mellow-flare.css")
                        .toExternalForm());
        night.addListener((o, was, now) -> scene.getRoot().pseudoClassStateChanged(NIGHT, now));
        large.addListener((o, was, now) -> scene.getRoot().pseudoClassStateChanged(LARGE, now));
    }

    private static void font(String path) {
        try (InputStream in = Look.class.getResourceAsStream(path)) {
            if (in == null || Font.loadFont(in, 14) == null) {
                throw new IllegalStateException("A shipped font is missing or damaged: " + path);
            }
        } catch (java.io.IOException e) {
            throw new IllegalStateException("A shipped font cannot be read: " + path, e);
        }
    }
}
