package mellowflare.app;

import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/** Starts the window. Does not extend {@code Application}, so that JavaFX may stand on the class path. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        // JavaFX warns of standing on the class path, where it is meant to stand here.
        Logger.getLogger("javafx").setLevel(Level.SEVERE);
        MellowFlare.begin(List.of(args));
        Application.launch(MellowFlare.class, args);
    }
}
