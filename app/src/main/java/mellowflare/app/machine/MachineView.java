package mellowflare.app.machine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.TablePane;
import mellowflare.app.entry.Text;
import mellowflare.app.page.Page;
import mellowflare.core.line.BarTable;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.machine.MachineTables;

/** The page of a machine: its lines, the parts of all of them, what is cut from what. */
public final class MachineView implements Page {
    private final MachineModel model;
    private final Runnable work;
    private final BorderPane page = new BorderPane();
    private final TablePane lines;
    private final TablePane parts = new TablePane();
    private final TablePane bars = new TablePane();
    private final VBox open = new VBox(2);
    private final Label empty = Text.of(Say.it("machine-view.empty"), "finding-remedy");
    private final Label partsHead = Text.of(Say.it("machine-view.parts"), "small-heading");
    private final Label barsHead = Text.of(Say.it("machine-view.bars"), "small-heading");
    private final Label working = Text.of("", "soft");
    private final Button cancel;
    private final EntryRow name;
    private final VBox copies = new VBox(4);
    private final FigureBox count = new FigureBox();
    private final FigureBox stops = new FigureBox();
    private final FigureBox lacks = new FigureBox();
    private final FigureBox cost = new FigureBox();

    /**
     * @param model what the page does
     * @param work goes to where a line is worked on, once it is open
     */
    public MachineView(MachineModel model, Runnable work) {
        this.model = model;
        this.work = work;
        lines = new TablePane(new TablePane.RowPress(Say.it("machine-view.open"), r -> true, r -> false, this::open));
        lines.setId("machine-lines");
        parts.setId("machine-parts");
        bars.setId("machine-bars");
        working.textProperty().bind(model.workingProperty());
        cancel = Press.quiet(Say.it("machine-view.cancel"), model::cancel);
        cancel.visibleProperty().bind(model.workingProperty().isNotEmpty());
        name = new EntryRow(Say.it("machine-view.machine"), "", model.name());
        name.field().setId("machine-name");
        page.setCenter(middle());
        page.setRight(slip());
        HBox bar = new HBox(34, count, stops, lacks, cost);
        bar.getStyleClass().add("figure-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        page.setBottom(bar);
        model.machineProperty().addListener((o, was, now) -> refresh());
        model.plansProperty().addListener((o, was, now) -> refresh());
    }

    private Node middle() {
        HBox at = new HBox(12, working, cancel);
        at.setAlignment(Pos.CENTER_LEFT);
        at.setMinHeight(Region.USE_PREF_SIZE);
        VBox all = new VBox(12, at, empty, lines, partsHead, parts, barsHead, bars, open);
        all.getStyleClass().add("under-drawing");
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        return scroll;
    }

    private Node slip() {
        VBox papers = new VBox(4);
        for (MachineModel.Sheet s : MachineModel.Sheet.values()) {
            papers.getChildren().add(Press.quiet(s.word(), () -> model.write(s)));
        }
        EntryRow number = new EntryRow(Say.it("machine-view.copies"), "1", model.copies());
        number.field().setId("machine-copies");
        VBox content = new VBox(
                6,
                Text.of(Say.it("machine-view.which"), "slip-heading"),
                name,
                Text.of(Say.it("machine-view.its-parts"), "soft"),
                Text.of(Say.it("machine-view.papers"), "slip-heading"),
                papers,
                Text.of(Say.it("machine-view.alike"), "slip-heading"),
                number,
                copies);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.ALWAYS);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    private void refresh() {
        Machine m = model.machine();
        boolean any = !m.lines().isEmpty();
        show(!any, empty);
        show(any, lines);
        boolean needs = any && !m.parts().isEmpty();
        show(needs, partsHead, parts);
        boolean cuts = any && !model.plansProperty().get().isEmpty();
        show(cuts, barsHead, bars, open);
        if (any) {
            lines.show(MachineTables.lines(m));
        }
        if (needs) {
            parts.show(MachineTables.parts(m));
        }
        if (cuts) {
            bars.show(BarTable.of(model.plansProperty().get(), model.units()));
            Text.fill(open, model.unplaced(), "finding-remedy");
        }
        copies(m);
        count.words(
                Say.it("machine-view.lines"), Integer.toString(m.lines().size()), Say.it("machine-view.not-put-away"));
        stops.words(Say.it("machine-view.stops"), Long.toString(m.stops()), Say.it("machine-view.in-all"));
        lacks.words(Say.it("machine-view.lack"), Long.toString(model.lacking()), Say.it("machine-view.on-shelf"));
        cost.words(Say.it("machine-view.cost"), model.cost(), Say.it("machine-view.prices"));
    }

    private void copies(Machine m) {
        List<Node> rows = new ArrayList<>();
        for (MachineLine l : m.lines()) {
            Button b = Press.quiet(
                    Say.it(
                            "machine-view.like",
                            "mark",
                            l.mark(),
                            "title",
                            l.of().job().title()),
                    () -> model.copy(l));
            b.setWrapText(true);
            b.setMinWidth(0);
            rows.add(b);
        }
        copies.getChildren().setAll(rows);
    }

    private static void show(boolean is, Node... nodes) {
        Arrays.stream(nodes).forEach(n -> {
            n.setVisible(is);
            n.setManaged(is);
        });
    }

    private void open(int row) {
        model.open(model.machine().lines().get(row));
        work.run();
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void opened() {
        model.opened();
        refresh();
        name.field().requestFocus();
    }
}
