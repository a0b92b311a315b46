package mellowflare.app;

import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;
import mellowflare.core.text.LanguageOption;

/** Starts the window. Does not extend {@code Application}, so that JavaFX may stand on the class path. */
public final class Main {
    private static final int REFUSED = 2;
    private static final int TROUBLE = 3;

    private Main() {}

    public static void main(String[] given) {
        String[] args;
        try {
            args = LanguageOption.of(given).choose();
        } catch (IllegalArgumentException e) {
            System.err.println(e.getMessage());
            System.exit(REFUSED);
            return;
        }
        // JavaFX warns of standing on the class path, where it is meant to stand here.
        Logger.getLogger("javafx").setLevel(Level.SEVERE);
        MellowFlare.begin(List.of(args));
        try {
            Application.launch(MellowFlare.class, args);
        } catch (RuntimeException | LinkageError e) {
            Optional<String> sentence = ToolkitTrouble.sentence(e);
            if (sentence.isEmpty()) {
                throw e;
            }
            System.err.println(sentence.get());
            System.exit(TROUBLE);
        }
    }
}
