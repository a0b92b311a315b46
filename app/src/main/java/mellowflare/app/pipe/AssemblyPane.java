package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.assemble.Assembly;
import mellowflare.core.pipe.assemble.AssemblyStep;
import mellowflare.core.pipe.assemble.AssemblyWords;
import mellowflare.core.pipe.assemble.Blocked;
import mellowflare.core.pipe.assemble.UnionPlace;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.makeup.EndKind;

/** In which order the run goes together, where a union must stand, what is in the way, and how one part comes out later. */
final class AssemblyPane extends VBox {
    private static final int MOST = 60;

    private final PipeModel model;
    private final RunModel run;
    private final VBox order = new VBox(2);
    private final VBox unions = new VBox(3);
    private final VBox boxes = new VBox(2);
    private final VBox out = new VBox(2);
    private final ChoiceRow<EndKind> start;
    private final ComboBox<String> part = new ComboBox<>();
    private final ScrollPane besides;
    private boolean showing;

    AssemblyPane(PipeModel model, RunModel run) {
        this.model = model;
        this.run = run;
        setId("assembly");
        start = new ChoiceRow<>(
                Say.it("assembly-pane.begins"),
                List.of(EndKind.values()),
                EndKind::word,
                k -> null,
                false,
                k -> k.ifPresent(run::start));
        besides = new ScrollPane(Text.under(Say.it("assembly-pane.order"), order));
        besides.setFitToWidth(true);
        besides.getStyleClass().addAll("measure", "slip-inner");
        EntryRow box = new EntryRow(Say.it("assembly-pane.box"), Say.it("assembly-pane.box-example"), run.box());
        box.field().setId("run-box");
        box.setTooltipText(Say.it("assembly-pane.box-words"));
        box.onEnter(run::takeBox);
        WordCell.dress(part, p -> p, Say.it("assembly-pane.which-part"));
        part.setId("take-out-part");
        // Names are short; without a width of its own the box would lay out a cell for every part to find one.
        part.setPrefWidth(160);
        part.setMaxWidth(Double.MAX_VALUE);
        part.setAccessibleText(Say.it("assembly-pane.which-part"));
        part.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                takeOut();
            }
        });
        VBox way = Text.under(Say.it("assembly-pane.in-the-way"), start, box, boxes);
        way.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {48, 52},
                        Text.under(Say.it("assembly-pane.comes-apart"), unions, part, out),
                        way));
    }

    /** Stands beside the drawing. */
    ScrollPane order() {
        return besides;
    }

    void refresh() {
        Assembly a = model.c().assembly();
        List<String> lines = new ArrayList<>();
        int number = 1;
        for (AssemblyStep s : a.steps()) {
            if (number <= MOST) {
                lines.add(AssemblyWords.of(number, s, model.c().laid().orElseThrow(), model.units()));
            }
            number++;
        }
        if (a.steps().size() > MOST) {
            lines.add(Say.it("assembly-pane.and-more", "more", a.steps().size() - MOST));
        }
        if (lines.isEmpty()) {
            lines.add(Say.it("assembly-pane.nothing-yet"));
        }
        for (Blocked b : a.blocked()) {
            lines.add(Say.it(
                    "assembly-pane.blocked",
                    "part",
                    model.c().laid().map(l -> l.called(b.part())).orElse(b.part()),
                    "swing",
                    AssemblyWords.room(b.swing(), model.units()),
                    "by",
                    b.by()));
        }
        Text.fill(order, lines, "finding-remedy");
        unions(a);
        boxes.getChildren().clear();
        for (Box b : run.boxes()) {
            boxes.getChildren()
                    .add(Press.quiet(Say.it("assembly-pane.remove-box", "name", b.name()), () -> run.remove(b)));
        }
        start.show(Optional.of(run.start()));
        start.setVisible(!model.c().isOffset());
        start.setManaged(!model.c().isOffset());
        parts();
    }

    private void unions(Assembly a) {
        unions.getChildren().clear();
        if (a.unions().isEmpty()) {
            Text.fill(
                    unions,
                    List.of(
                            a.nowhere().isEmpty()
                                    ? Say.it("assembly-pane.every-ring")
                                    : Say.it("assembly-pane.no-room")),
                    "soft");
        }
        for (UnionPlace u : a.unions()) {
            var press = Press.quiet(
                    Say.it(
                            "assembly-pane.put-union",
                            "piece",
                            u.piece(),
                            "price",
                            LengthFormat.decimal(u.price(), 0, 0)),
                    () -> run.put(u));
            press.setId("put-union-" + u.piece());
            unions.getChildren().add(press);
        }
    }

    private void parts() {
        showing = true;
        List<String> names = model.c()
                .laid()
                .map(l -> l.fittings().stream()
                        .filter(f -> f.part().isPresent() && !f.kind().opens())
                        .map(f -> f.name())
                        .toList())
                .orElse(List.of());
        if (!names.equals(part.getItems())) {
            part.getItems().setAll(names);
        }
        showing = false;
        takeOut();
    }

    private void takeOut() {
        String wanted = part.getValue();
        if (wanted == null || model.c().laid().isEmpty()) {
            Text.fill(out, List.of(), "soft");
            return;
        }
        Optional<List<AssemblyStep>> steps = model.takeOut(wanted);
        List<String> lines = new ArrayList<>();
        if (steps.isEmpty()) {
            lines.add(Say.it("assembly-pane.cannot", "part", wanted));
        } else {
            int number = 1;
            for (AssemblyStep s : steps.get()) {
                lines.add(AssemblyWords.out(number++, s, model.c().laid().orElseThrow(), model.units()));
            }
        }
        Text.fill(out, lines, "finding-remedy");
    }
}
