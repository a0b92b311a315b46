package mellowflare.app.trouble;

import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Answers;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.Page;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.parts.Attach;
import mellowflare.core.trouble.CausePlot;
import mellowflare.core.trouble.Diagnosis;
import mellowflare.core.trouble.Sign;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.What;
import mellowflare.core.trouble.look.LookPicture;

/** The page of Trouble: the causes by their chance, the look that tells most, what to redo; beside it what was said. */
public final class TroubleView implements Page {
    private static final int WORTH_WORDS = 2;
    private static final double LEAST_BARS = 28;
    private static final double READABLE = 110;
    private static final double LOOK_WIDTH = 290;
    private static final double LOOK_HEIGHT = 104;
    private static final Drawing NO_LOOK = new Drawing.Sheet().done(0, 0, 1, 1);

    private final TroubleModel model;
    private final BorderPane page = new BorderPane();
    private final DrawingPane plot = new DrawingPane(new Insets(14, 24, 10, 24), 14);
    private final DrawingPane picture = new DrawingPane(new Insets(2), 13);
    private final Label question = Text.of("", "trouble-question");
    private final Label speaksFor = Text.of("", "soft");
    /** The dangers stand over the question: they must be seen without scrolling. */
    private final Label danger = Text.of("", "caution");

    private final Button yes;
    private final Button no;
    private final VBox causes = new VBox(8);
    private final ChoiceRow<What> what;
    private final HBox at = new HBox(6);
    private final ChoiceRow<Attach> attach;
    private final ChoiceRow<Sign> when;
    private final ChoiceRow<Sign> first;
    private final ChoiceRow<Sign> since;
    private final ComboBox<Sign> also = new ComboBox<>();
    private final VBox looked = new VBox(2);
    private final ChoiceRow<Boolean> counts;
    private final FindingList findings;
    private final FigureBox likeliest = new FigureBox();
    private final FigureBox verdict = new FigureBox();
    private final FigureBox unknown = new FigureBox();
    private boolean showing;

    /**
     * @param model what Trouble does
     * @param look day or night
     * @param leads where a finding leads
     */
    public TroubleView(TroubleModel model, Look look, Leads leads) {
        this.model = model;
        this.findings = new FindingList(leads);
        LeafPage.dress(plot, look, "trouble-plot", Say.it("trouble-view.the-causes"));
        LeafPage.dress(picture, look, "trouble-look", Say.it("trouble-view.the-look"));
        picture.setMinWidth(LOOK_WIDTH / 2);
        picture.setMaxWidth(1.4 * LOOK_WIDTH);
        picture.setPrefWidth(LOOK_WIDTH);
        picture.setMaxHeight(LOOK_HEIGHT);
        yes = answer("trouble-yes", Say.it("trouble-view.yes"), true);
        no = answer("trouble-no", Say.it("trouble-view.no"), false);
        what = new ChoiceRow<>(
                Say.it("trouble-view.what"),
                List.of(What.values()),
                What::word,
                w -> null,
                false,
                w -> w.ifPresent(model::what));
        what.setId("trouble-what");
        attach = new ChoiceRow<>(
                Say.it("trouble-view.fixed"),
                List.of(Attach.CRIMPED, Attach.REUSABLE, Attach.BRAID_REUSABLE, Attach.OLIVE, Attach.BARB_CLAMP),
                Attach::word,
                a -> null,
                true,
                model::attach);
        attach.setId("trouble-attach");
        when = signs(SignGroup.WHEN, "trouble-when", Say.it("trouble-view.when"));
        first = signs(SignGroup.FIRST, "trouble-first", Say.it("trouble-view.first"));
        since = signs(SignGroup.SINCE, "trouble-since", Say.it("trouble-view.since"));
        WordCell.dress(also, Sign::says, Say.it("trouble-view.also"));
        also.setId("trouble-also");
        also.setMaxWidth(Double.MAX_VALUE);
        also.setAccessibleText(Say.it("trouble-view.also"));
        also.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.look(now, Optional.of(true));
            }
        });
        counts = Answers.yesNo(
                "trouble-counts",
                Say.it("trouble-view.counts"),
                c -> model.count(c.orElse(!model.countsProperty().get())));
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(34, likeliest, verdict, unknown);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.askProperty().addListener((o, was, now) -> {
            if (now != null) {
                refresh();
            }
        });
    }

    private Button answer(String id, String word, boolean seen) {
        Button b = new Button(word);
        b.setId(id);
        b.getStyleClass().add("main-action");
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setOnAction(e -> model.diagnosis().nextLook().ifPresent(n -> model.look(n.sign(), Optional.of(seen))));
        return b;
    }

    private ChoiceRow<Sign> signs(SignGroup group, String id, String word) {
        ChoiceRow<Sign> row =
                new ChoiceRow<>(word, model.answers(group), Sign::says, s -> null, true, s -> model.answer(group, s));
        row.setId(id);
        return row;
    }

    private Node middle() {
        StackPane ground = new StackPane(plot);
        ground.getStyleClass().add("drawing-ground");
        // On the smallest window in large type the question goes before the bars.
        ground.setMinHeight(LEAST_BARS);
        plot.visibleProperty().bind(ground.heightProperty().greaterThan(READABLE));
        VBox.setVgrow(ground, Priority.ALWAYS);
        danger.setMinHeight(Region.USE_PREF_SIZE);
        HBox presses = new HBox(10, yes, no, picture);
        presses.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(picture, Priority.ALWAYS);
        VBox ask = new VBox(6, danger, question, presses, speaksFor);
        ask.setId("trouble-next");
        ScrollPane work = new ScrollPane(causes);
        work.setFitToWidth(true);
        work.getStyleClass().add("under-section");
        VBox under = new VBox(12, ask, work);
        under.getStyleClass().add("under-drawing");
        VBox.setVgrow(work, Priority.ALWAYS);
        VBox left = new VBox(ground, under);
        // The bars keep their size, however much there is to say under them.
        under.prefHeightProperty().bind(left.heightProperty().multiply(0.6));
        // The picture of the look grows with the page, from readable to large enough.
        picture.minHeightProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.max(LOOK_HEIGHT / 2, Math.min(LOOK_HEIGHT, (left.getHeight() - 200) * 0.35)),
                        left.heightProperty()));
        return left;
    }

    private Node slip() {
        VBox content = new VBox(
                6,
                Text.of(Say.it("trouble-view.leaks"), "slip-heading"),
                what,
                at,
                attach,
                Text.of(Say.it("trouble-view.how"), "slip-heading"),
                when,
                first,
                since,
                also,
                looked,
                Press.quiet(Say.it("trouble-view.again"), model::again),
                counts,
                findings);
        return Slip.steady(content);
    }

    private void refresh() {
        showing = true;
        Diagnosis d = model.diagnosis();
        plot.drawingProperty().set(CausePlot.of(d, model.units()));
        Optional<Diagnosis.NextLook> next = d.nextLook();
        question.setText(next.map(n -> n.sign().look()).orElse(Say.it("trouble-view.no-more")));
        picture.drawingProperty()
                .set(next.flatMap(n -> LookPicture.of(n.sign().id()))
                        .map(LookPicture::drawing)
                        .orElse(NO_LOOK));
        speaksFor.setText(next.map(n ->
                        Say.it("trouble-view.speaks-for", "cause", n.ifSeen().name()))
                .orElse(""));
        yes.setDisable(next.isEmpty());
        no.setDisable(next.isEmpty());
        causes(d);
        what.show(Optional.of(model.ask().what()));
        ends();
        boolean hose = model.ask().what() == What.HOSE;
        attach.setVisible(hose);
        attach.setManaged(hose);
        attach.show(model.ask().attach());
        when.show(model.answer(SignGroup.WHEN));
        first.show(model.answer(SignGroup.FIRST));
        since.show(model.answer(SignGroup.SINCE));
        also.getItems().setAll(model.open());
        also.setValue(null);
        looked.getChildren().clear();
        for (TroubleModel.Looked l : model.looked()) {
            Button take = Press.quiet(l.says(), () -> model.look(l.sign(), Optional.empty()));
            take.setAccessibleText(Say.it("trouble-view.take-back", "look", l.says()));
            looked.getChildren().add(take);
        }
        counts.show(Optional.of(model.countsProperty().get()));
        findings.show(d.findings(), model.units());
        danger.setText(model.dangers());
        figures(d);
        showing = false;
    }

    private void ends() {
        at.getChildren().clear();
        for (LineEnd e : model.ends()) {
            Button b = Press.quiet(model.called(e), () -> model.at(e));
            if (model.at().filter(e::equals).isPresent()) {
                b.getStyleClass().add("row-chosen");
            }
            at.getChildren().add(b);
        }
        at.setManaged(!at.getChildren().isEmpty());
    }

    private void causes(Diagnosis d) {
        causes.getChildren().clear();
        d.suspects().stream().limit(WORTH_WORDS).forEach(s -> {
            VBox words = Text.under(Say.it(
                    "trouble-view.cause",
                    "name",
                    s.cause().name(),
                    "share",
                    model.share(s.share()),
                    "verdict",
                    s.cause().verdict().word()));
            model.work(s.cause()).forEach(l -> words.getChildren().add(Text.of(l, "finding-remedy")));
            Button was = Press.quiet(Say.it("trouble-view.it-was-this"), () -> model.found(s.cause()));
            was.setAccessibleText(
                    Say.it("trouble-view.it-was", "cause", s.cause().name()));
            words.getChildren().add(was);
            causes.getChildren().add(words);
        });
    }

    private void figures(Diagnosis d) {
        Optional<Diagnosis.Suspect> named = d.named();
        likeliest.words(
                Say.it("trouble-view.likeliest"),
                named.map(s -> model.share(s.share())).orElse("–"),
                named.map(s -> s.cause().name()).orElse(Say.it("trouble-view.none-named")));
        verdict.words(
                Say.it("trouble-view.verdict"),
                named.map(s -> s.cause().verdict().word()).orElse("–"),
                named.map(s -> s.cause().uses().says()).orElse(""));
        unknown.words(Say.it("trouble-view.unknown"), model.share(d.unknown()), Say.it("trouble-view.in-no-table"));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        refresh();
        yes.requestFocus();
    }
}
