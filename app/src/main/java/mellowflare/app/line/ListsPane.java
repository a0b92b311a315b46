package mellowflare.app.line;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;

/** Takes own catalogue files and lists in, writes all of them out, and names the rows that were left out. */
public final class ListsPane extends VBox {
    private static final int MOST_NAMED = 6;

    /**
     * @param what is taken in, as said on the button: “a catalogue file”
     */
    public ListsPane(ListsModel model, String what) {
        super(3);
        setId("lists");
        VBox leftOut = new VBox(2);
        leftOut.setId("lists-left-out");
        model.leftOutProperty()
                .addListener((o, was, now) ->
                        Text.fill(leftOut, now.stream().limit(MOST_NAMED).toList(), "finding-brief"));
        getChildren()
                .setAll(
                        new FlowPane(
                                4,
                                2,
                                Press.quiet(
                                        Say.it("lists-pane.import-csv", "what", what),
                                        () -> choose(this, Say.it("lists-pane.catalogue-file"), "*.csv")
                                                .ifPresent(model::take)),
                                Press.quiet(Say.it("lists-pane.export-lists"), model::writeOut)),
                        leftOut);
    }

    /** Asks for a file; empty when none was chosen. */
    public static Optional<Path> choose(Region beside, String title, String... endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().setAll(new FileChooser.ExtensionFilter(title, endings));
        return Optional.ofNullable(chooser.showOpenDialog(beside.getScene().getWindow()))
                .map(File::toPath);
    }
}
