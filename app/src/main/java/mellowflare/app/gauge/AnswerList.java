package mellowflare.app.gauge;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identification;
import mellowflare.core.measure.UnitSystem;

/** The ranked answers: the likeliest large with its bar, the next ones small; “nothing fits” is an answer too. */
final class AnswerList extends VBox {
    private static final int SHOWN = 4;
    private static final double WORTH_SHOWING = 0.002;
    private final Consumer<Candidate> use;
    private final Consumer<End> tables;

    /**
     * @param use takes a candidate as the end that is held
     * @param tables opens an end in Tables
     */
    AnswerList(Consumer<Candidate> use, Consumer<End> tables) {
        super(6);
        this.tables = tables;
        this.use = use;
        setId("answers");
    }

    void show(Identification answer, String goesWith) {
        getChildren().clear();
        switch (answer.standing()) {
            case NOTHING_GIVEN ->
                getChildren()
                        .add(Text.of(
                                "Type what the caliper says, or press what you see. Every figure narrows it.", "soft"));
            case NOTHING_FITS -> {
                getChildren().add(head("Nothing in the tables fits well", answer.unknownProbability(), "answer-none"));
                getChildren()
                        .add(Text.of(
                                "Measure again, look whether it is worn, or ask: it may be a standard that these tables lack.",
                                "soft"));
                others(answer, 0);
            }
            case OPEN, SETTLED -> {
                Candidate best = answer.candidates().get(0);
                getChildren().add(head(best.end().title(), best.probability(), "answer-best"));
                getChildren()
                        .add(Text.of(
                                best.end().threadName() + ", "
                                        + best.end()
                                                .thread()
                                                .map(t -> t.form().angleText() + ", ")
                                                .orElse("")
                                        + best.end().source().shown(),
                                "soft"));
                getChildren().add(bar(best.probability()));
                getChildren().add(mate(best.end(), goesWith));
                others(answer, 1);
                if (answer.unknownProbability() > 0.01) {
                    getChildren().add(row(Text.of("none of these", "soft"), answer.unknownProbability()));
                }
            }
        }
    }

    private Node mate(End end, String goesWith) {
        Button look = new Button("seal, mate and source");
        look.setId("look-up");
        look.getStyleClass().setAll("quiet-action");
        look.setMinWidth(Region.USE_PREF_SIZE);
        look.setAccessibleText("Open " + end.title() + " in Tables");
        look.setOnAction(e -> tables.accept(end));
        HBox row = new HBox(4, Text.of(goesWith, "soft"), Text.spring(), look);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void others(Identification answer, int from) {
        answer.candidates().stream()
                .skip(from)
                .limit(SHOWN - 1)
                .filter(c -> c.probability() > WORTH_SHOWING)
                .forEach(c -> {
                    Button other = new Button(c.end().title());
                    other.getStyleClass().setAll("answer-other");
                    other.setAccessibleText("Use " + c.end().title());
                    other.setOnAction(e -> use.accept(c));
                    getChildren().add(row(other, c.probability()));
                });
    }

    private static Node head(String text, double probability, String style) {
        Label title = Text.of(text, style);
        Label share = new Label(share(probability));
        share.getStyleClass().add("answer-share");
        share.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, title, Text.spring(), share);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private static Node row(Node name, double probability) {
        Label share = new Label(share(probability));
        share.getStyleClass().add("answer-share-small");
        share.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, name, Text.spring(), share);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private static String share(double probability) {
        return new Figure.OfShare(probability).text(UnitSystem.METRIC);
    }

    private static Node bar(double probability) {
        Region full = new Region();
        full.getStyleClass().add("bar-ground");
        Region part = new Region();
        part.getStyleClass().add("bar-part");
        StackPane stack = new StackPane(full, part);
        StackPane.setAlignment(part, Pos.CENTER_LEFT);
        part.maxWidthProperty().bind(stack.widthProperty().multiply(probability));
        return stack;
    }
}
