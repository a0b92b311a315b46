package mellowflare.app.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/**
 * The ranked answers: the likeliest large with its bar, the next ones small; “nothing fits” is an answer too. The nodes are made once and filled anew
 * on every key, which is what keeps a key within its frame.
 */
final class AnswerList extends VBox {
    private static final int OTHERS = 3;
    private static final double WORTH_SHOWING = 0.002;
    private static final double WORTH_DOUBTING = 0.01;
    private final Label title = Text.of("", "answer-best");
    private final Label share = plain("answer-share");
    private final Label says = Text.of("", "soft");
    private final Region part = new Region();
    private final StackPane bar = bar();
    private final Button look = new Button(Say.it("answer-list.seal-mate-source"));
    private final List<Other> others = new ArrayList<>();
    private final Label doubt = plain("answer-share-small");
    private final HBox none = row(Text.of(Say.it("answer-list.none-these"), "soft"), doubt);
    private double filled = Double.NaN;
    private Optional<End> best = Optional.empty();

    /**
     * @param use takes a candidate as the end that is held
     * @param tables opens an end in Tables
     */
    AnswerList(Consumer<Candidate> use, Consumer<End> tables) {
        super(4);
        setId("answers");
        look.setId("look-up");
        look.getStyleClass().setAll("quiet-action");
        look.setMinWidth(Region.USE_PREF_SIZE);
        look.setOnAction(e -> best.ifPresent(tables));
        HBox heading = new HBox(8, Text.of(Say.it("answer-list.most-likely"), "slip-heading"), Text.spring(), look);
        heading.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(heading, row(title, share), says, bar);
        for (int i = 0; i < OTHERS; i++) {
            Other other = new Other(use);
            others.add(other);
            getChildren().add(other.row);
        }
        getChildren().add(none);
    }

    /** One of the next answers. */
    private static final class Other {
        private final Button name = new Button();
        private final Label share = plain("answer-share-small");
        private final HBox row = row(name, share);
        private Optional<Candidate> shown = Optional.empty();

        Other(Consumer<Candidate> use) {
            name.getStyleClass().setAll("answer-other");
            name.setOnAction(e -> shown.ifPresent(use));
        }

        void show(Optional<Candidate> candidate) {
            shown = candidate;
            there(row, candidate.isPresent());
            candidate.ifPresent(c -> {
                name.setText(c.end().title());
                name.setAccessibleText(Say.it("answer-list.use", "end", c.end().title()));
                share.setText(share(c.probability()));
            });
        }
    }

    void show(Identification answer, String mateWords) {
        boolean named = answer.standing() == Identification.Standing.OPEN
                || answer.standing() == Identification.Standing.SETTLED;
        boolean nothing = answer.standing() == Identification.Standing.NOTHING_FITS;
        best = answer.best().filter(b -> named).map(Candidate::end);
        there(title.getParent(), named || nothing);
        there(bar, named);
        look.setVisible(named);
        title.setText(best.map(End::title).orElse(Say.it("answer-list.nothing-tables-fits-well")));
        style(title, nothing ? "answer-none" : "answer-best");
        share.setText(share(
                nothing
                        ? answer.unknownProbability()
                        : answer.best().map(Candidate::probability).orElse(0.0)));
        says.setText(best.map(end -> source(end) + ". " + mateWords + ".")
                .orElse(
                        nothing
                                ? Say.it("answer-list.measure-again-look-whether")
                                : Say.it("answer-list.type-what-caliper-says")));
        fill(named ? answer.candidates().get(0).probability() : 0);
        int from = named ? 1 : 0;
        for (int i = 0; i < OTHERS; i++) {
            int at = from + i;
            boolean shown = (named || nothing)
                    && at < answer.candidates().size()
                    && answer.candidates().get(at).probability() > WORTH_SHOWING;
            others.get(i).show(shown ? Optional.of(answer.candidates().get(at)) : Optional.empty());
        }
        there(none, named && answer.unknownProbability() > WORTH_DOUBTING);
        doubt.setText(share(answer.unknownProbability()));
    }

    private static String source(End end) {
        return end.threadName() + ", "
                + end.thread().map(t -> t.form().angleText() + ", ").orElse("")
                + end.source().shown();
    }

    private void fill(double probability) {
        if (probability != filled) {
            filled = probability;
            part.maxWidthProperty().bind(bar.widthProperty().multiply(probability));
        }
    }

    private static void style(Label label, String style) {
        if (!label.getStyleClass().contains(style)) {
            label.getStyleClass().removeAll("answer-best", "answer-none");
            label.getStyleClass().add(style);
        }
    }

    private static void there(Node node, boolean there) {
        node.setVisible(there);
        node.setManaged(there);
    }

    private static Label plain(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static HBox row(Node name, Node share) {
        HBox row = new HBox(8, name, Text.spring(), share);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private static String share(double probability) {
        return new Figure.OfShare(probability).text(UnitSystem.METRIC);
    }

    private StackPane bar() {
        Region full = new Region();
        full.getStyleClass().add("bar-ground");
        part.getStyleClass().add("bar-part");
        StackPane stack = new StackPane(full, part);
        StackPane.setAlignment(part, Pos.CENTER_LEFT);
        return stack;
    }
}
