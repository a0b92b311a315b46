package mellowflare.app.line;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import mellowflare.core.parts.Tool;

/** The tools that the work asks for, each to be pressed on and off. */
public final class ToolPresses extends FlowPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");
    private final Supplier<List<Tool>> tools;
    private final Function<Tool, Optional<Boolean>> has;
    private final Consumer<Tool> press;

    public ToolPresses(Supplier<List<Tool>> tools, Function<Tool, Optional<Boolean>> has, Consumer<Tool> press) {
        super(4, 4);
        this.tools = tools;
        this.has = has;
        this.press = press;
    }

    public void refresh() {
        getChildren().setAll(tools.get().stream().map(this::tool).toList());
    }

    private Button tool(Tool t) {
        Optional<Boolean> is = has.apply(t);
        Button b = toggle(
                is.map(x -> x ? t.name() : Say.it("tool-presses.missing", "tool", t.name()))
                        .orElse(Say.it("tool-presses.here", "tool", t.name())),
                is.orElse(false),
                is.filter(x -> !x).isPresent());
        b.setId("tool-" + t.id());
        b.setOnAction(e -> press.accept(t));
        return b;
    }

    public static Button toggle(String word, boolean there, boolean missing) {
        Button b = new Button(word);
        b.getStyleClass().setAll("choice");
        b.pseudoClassStateChanged(CHOSEN, there);
        b.pseudoClassStateChanged(MISSING, missing);
        return b;
    }
}
