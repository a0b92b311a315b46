package mellowflare.app.tables;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.core.connection.EndCode;
import mellowflare.core.lookalike.InterchangeChart;
import mellowflare.core.lookalike.LookAlikeKind;

/** What fits what: males down, females across. A filled mark seals, a hollow one only goes on, a dot binds, a half-filled one differs by size. */
final class FitsPane extends VBox {
    private static final String SEALS = "●";
    private static final String LEAKS = "○";
    private static final String EITHER = "◐";
    private static final String BINDS = "·";
    private final TablesModel model;
    private final Label says = Text.of("", "fits-says");
    private final GridPane grid = new GridPane();

    FitsPane(TablesModel model) {
        this.model = model;
        says.setId("fits-says");
        says.setMinHeight(64);
        says.setAlignment(Pos.TOP_LEFT);
        grid.setId("fits");
        grid.getStyleClass().add("fits");
        ScrollPane scroll = new ScrollPane(grid);
        scroll.getStyleClass().add("page-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getStyleClass().add("page-pad");
        setSpacing(6);
        getChildren()
                .setAll(
                        Text.of(
                                Say.it(
                                        "fits-pane.males-down-females-across",
                                        "seals",
                                        SEALS,
                                        "leaks",
                                        LEAKS,
                                        "binds",
                                        BINDS,
                                        "either",
                                        EITHER),
                                "soft"),
                        scroll,
                        says);
    }

    void refresh() {
        if (grid.getChildren().isEmpty()) {
            fill(model.chart());
        }
    }

    private void fill(InterchangeChart chart) {
        List<EndCode> females = chart.females();
        int column = 1;
        for (EndCode female : females) {
            Label head = new Label(female.name());
            head.getStyleClass().add("fits-code");
            head.setRotate(-90);
            Group turned = new Group(head);
            grid.add(turned, column++, 0);
            GridPane.setValignment(turned, VPos.BOTTOM);
            GridPane.setHalignment(turned, HPos.CENTER);
        }
        int row = 1;
        for (EndCode male : chart.males()) {
            Label head = new Label(male.name());
            head.getStyleClass().add("fits-code");
            grid.add(head, 0, row);
            column = 1;
            for (EndCode female : females) {
                Optional<InterchangeChart.Cell> cell = chart.cell(male, female);
                if (cell.isPresent()) {
                    grid.add(mark(male, female, cell.get()), column, row);
                }
                column++;
            }
            row++;
        }
    }

    /** One sign for all the ways in which sizes of two families go together. */
    private static String sign(Set<LookAlikeKind.Goes> goes) {
        if (goes.contains(LookAlikeKind.Goes.SEALS)) {
            return goes.size() == 1 ? SEALS : EITHER;
        }
        return goes.contains(LookAlikeKind.Goes.ON_AND_LEAKS) ? LEAKS : BINDS;
    }

    private Button mark(EndCode male, EndCode female, InterchangeChart.Cell cell) {
        Button mark = new Button(sign(cell.goes()));
        mark.getStyleClass()
                .setAll("fits-mark", cell.goes().contains(LookAlikeKind.Goes.SEALS) ? "fits-seals" : "fits-leaks");
        String text = Say.it("fits-pane.male-female", "male", male, "female", female, "cell", cell.says());
        mark.setAccessibleText(text);
        mark.setOnAction(e -> says.setText(text));
        mark.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                says.setText(text);
            }
        });
        GridPane.setHalignment(mark, HPos.CENTER);
        return mark;
    }
}
