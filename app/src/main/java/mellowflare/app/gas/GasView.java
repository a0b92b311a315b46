package mellowflare.app.gas;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.CallOutPane;
import mellowflare.app.line.KindChoice;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.PaperPresses;
import mellowflare.app.line.Slip;
import mellowflare.app.look.Look;
import mellowflare.app.page.FindingList;
import mellowflare.app.page.Leads;
import mellowflare.app.page.LeafPage;
import mellowflare.app.page.LeafRow;
import mellowflare.app.page.Page;
import mellowflare.app.page.TurnByHand;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.GasPlan;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;

/** The page of a gas line: the line in space, what is worked on, and what was judged. */
public final class GasView implements Page {
    private static final List<String> WORDS = List.of(
            "up",
            "down",
            "left",
            "right",
            "ahead",
            "back",
            "appliance",
            "regulator",
            "hose",
            "valve",
            "cap",
            "from",
            "close");

    private final GasModel model;
    private final GasWalkModel walk;
    private final AppliancesModel plates;
    private final LeafPage page;
    private final DrawingPane space = new DrawingPane(new Insets(46, 30, 18, 24), 12);
    private final CallOutPane<Piece> walkPane;
    private final SourcePane source;
    private final AppliancesPane appliances;
    private final SectionsPane sections;
    private final GasSitePane site;
    private final GasTestPane test;
    private final VBox papers;
    private final FindingList findings;
    private final ComboBox<GasSystem> system = new ComboBox<>();
    private final VBox sizeChoices = new VBox(4);
    private final FigureBox tightest = new FigureBox();
    private final FigureBox load = new FigureBox();
    private final FigureBox pipe = new FigureBox();
    private final FigureBox added = new FigureBox();
    private final FigureBox judged = new FigureBox();
    private GasLeaf leaf = GasLeaf.LAYOUT;
    private List<GasSize> offered = List.of();
    private Optional<ChoiceRow<String>> sizes = Optional.empty();
    private boolean showing;

    GasView(
            GasModel model,
            GasWalkModel walk,
            AppliancesModel plates,
            GasTestModel held,
            SizeSearch search,
            LineModel line,
            Look look,
            Leads leads) {
        this.model = model;
        this.walk = walk;
        this.plates = plates;
        this.page = new LeafPage(new LeafRow(
                Arrays.stream(GasLeaf.values()).map(l -> "GAS-" + l.name()).toList(),
                Arrays.stream(GasLeaf.values()).map(GasLeaf::word).toList(),
                i -> turnTo(GasLeaf.values()[i])));
        this.findings = new FindingList(leads);
        this.walkPane = new CallOutPane<>(
                walk,
                "walk",
                WORDS,
                new CallOutPane.Asks(
                        "right 4 m", Say.it("gas-view.the-next-piece"), Say.it("gas-view.stand-at-source")),
                this::drawn);
        this.source = new SourcePane(model);
        this.appliances = new AppliancesPane(model, plates);
        this.sections = new SectionsPane(model, search);
        this.site = new GasSitePane(model);
        this.test = new GasTestPane(model, held);
        this.papers = Text.under(Say.it("gas-view.papers"), new PaperPresses(model.papers(), model::write));
        LeafPage.dress(space, look, "gas-line", Say.it("gas-view.the-line-in-space"));
        space.tells(part -> model.plan().figuresOf(part));
        TurnByHand.on(space, (right, down) -> {
            model.turn(right, down);
            drawn();
        });
        walk.onDraft(() -> {
            walkPane.refresh();
            drawn();
        });
        search.onChange(() -> {
            if (leaf == GasLeaf.SIZES && isOpen() && model.isGas()) {
                sections.refresh();
            }
        });
        tightest.setId("gas-tightest");
        page.frame(slip(line), tightest, added, load, pipe, judged);
        model.currentProperty().addListener((o, was, now) -> {
            if (isOpen() && model.isGas()) {
                refresh();
            }
        });
        turnTo(GasLeaf.LAYOUT);
    }

    private Node slip(LineModel line) {
        system.getItems().setAll(model.systems());
        WordCell.dress(system, GasSystem::name, Say.it("gas-view.choose-pipe"));
        system.setId("gas-system");
        system.setMaxWidth(Double.MAX_VALUE);
        system.setAccessibleText(Say.it("gas-view.choose-pipe"));
        system.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.system(now);
            }
        });
        VBox content = new VBox(
                4,
                new KindChoice(line),
                Text.of(Say.it("gas-view.pipe"), "slip-heading"),
                system,
                sizeChoices,
                Text.of(Say.it("gas-view.checks"), "slip-heading"),
                findings);
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    /** Sizes to press, made anew when another kind of pipe is chosen. */
    private void sizeChoices() {
        List<GasSize> now = model.sizes();
        if (!now.equals(offered)) {
            offered = now;
            sizeChoices.getChildren().clear();
            sizes = Optional.empty();
            if (!now.isEmpty()) {
                ChoiceRow<String> row = new ChoiceRow<>(
                        Say.it("gas-view.size"),
                        now.stream().map(GasSize::size).toList(),
                        n -> n,
                        n -> null,
                        true,
                        model::size);
                row.setId("gas-size");
                sizeChoices.getChildren().setAll(row);
                sizes = Optional.of(row);
            }
        }
        sizes.ifPresent(r -> r.show(model.line().size()));
    }

    /** Turns to a leaf: what is drawn, and what stands beside it. */
    void turnTo(GasLeaf to) {
        leaf = to;
        switch (to) {
            case SOURCE -> page.alone(to.ordinal(), source);
            case LAYOUT -> page.beside(to.ordinal(), walkPane);
            case APPLIANCES -> page.under(to.ordinal(), appliances);
            case SIZES -> page.under(to.ordinal(), sections);
            case JOINTS -> page.alone(to.ordinal(), site);
            case TEST -> page.alone(to.ordinal(), test);
            case PAPERS -> page.under(to.ordinal(), papers);
        }
        refresh();
        page.keepFocus();
    }

    private void leaf() {
        switch (leaf) {
            case SOURCE -> source.refresh();
            case LAYOUT -> walkPane.refresh();
            case APPLIANCES -> appliances.refresh();
            case SIZES -> sections.refresh();
            case JOINTS -> site.refresh();
            case TEST -> test.refresh();
            case PAPERS -> {}
        }
    }

    private void drawn() {
        if (!model.isGas()) {
            return;
        }
        space.drawingProperty()
                .set(
                        leaf == GasLeaf.LAYOUT
                                ? model.drawing(walk.shown(), walk.pointed())
                                : model.drawing(model.c(), Optional.empty()));
        page.show(space);
    }

    private void refresh() {
        if (!model.isGas()) {
            return;
        }
        showing = true;
        GasPlan plan = model.plan();
        GasCase c = plan.c();
        leaf();
        drawn();
        system.setValue(c.system().orElse(null));
        sizeChoices();
        findings.show(model.currentProperty().get().lineFindings(), model.units());
        figures(c);
        Slip.stops(judged, plan.findings());
        showing = false;
    }

    private void figures(GasCase c) {
        Optional<Inlet> tight = c.tightest();
        tightest.words(
                Say.it("gas-view.tightest"),
                tight.flatMap(Inlet::pressure)
                        .map(p -> new Figure.OfGasPressure(p).text(model.units()))
                        .orElse("–"),
                tight.map(i -> i.least()
                                .map(l -> Say.it(
                                        "gas-view.needs",
                                        "appliance",
                                        i.name(),
                                        "least",
                                        new Figure.OfGasPressure(l).text(model.units())))
                                .orElse(i.name()))
                        .orElse(Say.it("gas-view.call-out-appliance")));
        Optional<Inlet> changed = c.inlets().stream()
                .filter(i -> i.before().isPresent() && i.pressure().isPresent())
                .min((a, b) -> Double.compare(
                        a.pressure().get().minus(a.before().get()).bar(),
                        b.pressure().get().minus(b.before().get()).bar()));
        added.words(
                Say.it("gas-view.added"),
                changed.map(i -> new Figure.OfGasDrop(
                                        i.before().get().minus(i.pressure().get()))
                                .text(model.units()))
                        .orElse("–"),
                changed.map(i -> Say.it("gas-view.less-at", "appliance", i.name()))
                        .orElse(Say.it("gas-view.nothing-new")));
        load.words(
                Say.it("gas-view.load"),
                c.flows().isPresent() ? Figure.of(c.load()).text(model.units()) : "–",
                c.flows().isPresent() ? Figure.of(c.total()).text(model.units()) : Say.it("gas-view.all-at-once"));
        pipe.words(
                Say.it("gas-view.pipe-word"),
                c.pipeLength().mm() > 0 ? new Figure.OfReach(c.pipeLength()).text(model.units()) : "–",
                Say.it("gas-view.joints", "joints", c.soapList().size()));
    }

    @Override
    public Node node() {
        return page.node();
    }

    @Override
    public void lead(Subject part) {
        GasLeaf.of(part).ifPresent(l -> {
            if (l == GasLeaf.APPLIANCES) {
                plates.chooseUnsaid();
            }
            turnTo(l);
        });
    }

    @Override
    public void opened() {
        refresh();
        if (model.isGas() && leaf == GasLeaf.LAYOUT) {
            walkPane.takeFocus();
        }
    }
}
