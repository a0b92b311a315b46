package mellowflare.app.page;

import java.util.Locale;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import mellowflare.core.advice.Finding;

/** The mark of a finding: octagon stops, diamond warns, square notes, tick passed, hollow circle waits. */
public enum Mark {
    STOP("M5 1 H11 L15 5 V11 L11 15 H5 L1 11 V5 Z M8 4 V9 M8 11.4 V12"),
    WARN("M8 0.5 L15.5 8 L8 15.5 L0.5 8 Z M8 4.5 V9 M8 11 V11.4"),
    NOTE("M2 2 H14 V14 H2 Z M8 7.5 V11.4 M8 4.8 V5"),
    PASS("M1.5 8.5 L6 13 L14.5 3"),
    OPEN("M8 2 a6 6 0 1 0 0.1 0 Z");

    private final String path;

    Mark(String path) {
        this.path = path;
    }

    static Mark of(Finding f) {
        return switch (f.state()) {
            case PASS -> PASS;
            case NOT_CHECKED -> OPEN;
            case FAIL ->
                switch (f.severity()) {
                    case STOP -> STOP;
                    case WARN -> WARN;
                    case NOTE -> NOTE;
                };
        };
    }

    /** Drawn anew. */
    public StackPane node() {
        SVGPath drawn = new SVGPath();
        drawn.setContent(path);
        drawn.getStyleClass().addAll("mark", "mark-" + name().toLowerCase(Locale.ROOT));
        StackPane box = new StackPane(drawn);
        box.setMinSize(18, 18);
        box.setMaxSize(18, 18);
        return box;
    }
}
