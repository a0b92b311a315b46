package mellowflare.app.entry;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** A file by its path, typed or dropped. */
public final class PathField extends HBox {
    private final TextField field = new TextField();
    private final Consumer<Path> take;
    private final Consumer<String> tell;

    /**
     * @param hint shown while empty
     * @param spoken for a screen reader
     * @param word on the press beside it
     * @param take takes each file
     * @param tell says that something typed is no path
     */
    public PathField(String hint, String spoken, String word, Consumer<Path> take, Consumer<String> tell) {
        super(6);
        this.take = take;
        this.tell = tell;
        field.setPromptText(hint);
        field.setAccessibleText(spoken);
        field.setOnAction(e -> typed());
        field.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        field.setOnDragDropped(e -> {
            e.getDragboard().getFiles().forEach(f -> take.accept(f.toPath()));
            e.setDropCompleted(true);
        });
        HBox.setHgrow(field, Priority.ALWAYS);
        Button press = new Button(word);
        press.getStyleClass().setAll("choice");
        press.setMinWidth(USE_PREF_SIZE);
        press.setOnAction(e -> typed());
        getChildren().setAll(field, press);
    }

    /** Its field, to be named. */
    public TextField field() {
        return field;
    }

    private void typed() {
        String text = field.getText().strip().replaceFirst("^file://", "");
        if (text.isEmpty()) {
            return;
        }
        try {
            take.accept(Path.of(text));
            field.clear();
        } catch (InvalidPathException e) {
            tell.accept(Say.it("path-field.no-path", "typed", text, "reason", e.getReason()));
        }
    }
}
