package mellowflare.app.shell;

import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.SaveState;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.page.Checks;
import mellowflare.app.page.Leads;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.NextThing;

/** The band along the top: job, the line as a strip that leads to its parts, where it was left, and whether it is saved. */
final class Band extends HBox {
    private static final PseudoClass TROUBLE = PseudoClass.getPseudoClass("trouble");
    private static final double LEAST_TEXT = 0.8;

    /** As wide (px) the strip has its words at their usual size. */
    private static final double FULL_TEXT = 330;

    /** Of the width, within what the style sheet allows: in a narrow window the line must still be seen. */
    private static final double STATE_SHARE = 0.34;

    /** Letters of a title that stand on one line. */
    private static final int ONE_LINE = 28;

    private final Label title = Text.of("", "band-title");
    private final Label machine = Text.of("", "soft");
    private final Button leftOff = new Button();
    private final Button next = new Button();
    private final Button mend = new Button();
    private final DrawingPane strip = new DrawingPane(new Insets(2, 30, 2, 30), 12);
    private final Label saved = Text.of("", "saved");
    private final Checks checks;
    private final Label news = Text.of("", "news");

    Band(Desk desk, Look look, Leads leads, Runnable toMake, Runnable toNext, Runnable toMend) {
        checks = new Checks(leads);
        getStyleClass().add("band");
        setAlignment(Pos.CENTER_LEFT);
        leftOff.getStyleClass().setAll("left-off");
        leftOff.setId("left-off");
        leftOff.setOnAction(e -> toMake.run());
        next.getStyleClass().setAll("next-thing");
        next.setId("next-thing");
        next.setOnAction(e -> toNext.run());
        mend.getStyleClass().setAll("next-thing");
        mend.setId("mend");
        mend.setText(Say.it("band.mend"));
        mend.setAccessibleText(Say.it("band.mend-ways"));
        mend.setMinWidth(USE_PREF_SIZE);
        mend.setOnAction(e -> toMend.run());
        VBox job = new VBox(1, title, machine, leftOff, next);
        job.setAlignment(Pos.CENTER_LEFT);
        job.getStyleClass().add("band-job");
        next.setMaxWidth(Double.MAX_VALUE);
        next.setMinWidth(0);
        strip.setId("band-strip");
        strip.inkProperty().bind(look.ink());
        // In a narrow window the words give way before the line does.
        strip.textScaleProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.min(look.scale().get(), Math.max(LEAST_TEXT, strip.getWidth() / FULL_TEXT)),
                        look.scale(),
                        strip.widthProperty()));
        strip.setAccessibleText(Say.it("band.the-line-press-part"));
        strip.onPressed(leads::to);
        HBox.setHgrow(strip, Priority.ALWAYS);
        HBox said = new HBox(10, mend, news, saved);
        said.getStyleClass().add("band-news");
        VBox state = new VBox(0, said, apart(checks));
        state.setAlignment(Pos.TOP_RIGHT);
        state.getStyleClass().add("band-state");
        state.prefWidthProperty().bind(widthProperty().multiply(STATE_SHARE));
        getChildren().setAll(job, strip, state);
        saved.setMinWidth(USE_PREF_SIZE);
        saved.setId("saved");
        news.setId("news");
        news.textProperty().bind(desk.newsProperty());
        desk.savedProperty().addListener((o, was, now) -> saved(now));
        desk.currentProperty().addListener((o, was, now) -> show(now));
        saved(desk.savedProperty().get());
        show(desk.current());
    }

    private void saved(SaveState state) {
        saved.setText(state.words());
        saved.pseudoClassStateChanged(TROUBLE, state.kind() == SaveState.Kind.TROUBLE);
    }

    private void show(Evaluation now) {
        title.setText(
                now.job().title().isBlank()
                        ? Say.it("band.job-without-title")
                        : now.job().title());
        machine.setText(now.job().machine());
        // A title of two lines leaves no room for the machine: the next thing to do is worth more.
        boolean brief = title.getText().length() <= ONE_LINE;
        machine.setVisible(brief);
        machine.setManaged(brief);
        title.setTooltip(
                brief ? null : new Tooltip(now.job().title() + "\n" + now.job().machine()));
        leftOff.setText(now.leftOff().text());
        Optional<NextThing> comes = NextThing.of(now);
        next.setText(comes.map(n -> Say.it("band.next", "part", n.at().word())).orElse(""));
        next.setAccessibleText(comes.map(NextThing::says).orElse(""));
        next.setVisible(comes.isPresent());
        strip.drawingProperty().set(now.plan().strip());
        boolean ails =
                now.plan().findings().stream().anyMatch(f -> f.state() == State.FAIL && f.severity() != Severity.NOTE);
        mend.setVisible(ails);
        mend.setManaged(ails);
        checks.show(now.findings(), now.job().units());
    }

    /** Its words change with every key: laid out by itself, it moves nothing else in the window. */
    private static Pane apart(Checks checks) {
        checks.setManaged(false);
        Pane room = new Pane(checks) {
            @Override
            protected void layoutChildren() {
                checks.resizeRelocate(0, 0, getWidth(), getHeight());
            }
        };
        VBox.setVgrow(room, Priority.ALWAYS);
        return room;
    }
}
