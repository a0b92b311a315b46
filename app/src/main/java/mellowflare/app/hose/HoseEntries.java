package mellowflare.app.hose;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Focus;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.core.advice.Figure;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HosePart;

/** The hose in the slip: kind, size, and the lengths measured on the job. */
final class HoseEntries extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int MOST_BUTTONS = 24;
    private final HoseModel model;
    private final ChoiceRow<HoseKind> kind;
    private static final String SIZES = "hose-size";

    private final FlowPane sizes = new FlowPane(4, 4);
    private final DashKeys keys = new DashKeys();
    private final Label facts = Text.of("", "soft");
    private final ChoiceRow<PressureBasis> basis;
    private final EntryRow clocking;
    private final EntryRow finished;
    private Optional<HoseKind> shown = Optional.empty();
    private List<HosePart> sizesOf = List.of();
    private Optional<HosePart> sizeChosen = Optional.empty();

    HoseEntries(HoseModel model) {
        super(5);
        this.model = model;
        kind = new ChoiceRow<>("", List.of(HoseKind.values()), HoseKind::word, k -> null, false, k -> {
            shown = k;
            refresh();
            if (model.plan().c().hose().isEmpty()) {
                Focus.on(this, SIZES);
            }
        });
        kind.setId("hose-kind");
        sizes.setId(SIZES);
        sizes.addEventHandler(KeyEvent.KEY_TYPED, this::sizeKey);
        finished = new EntryRow(Say.it("hose-entries.finished-length"), "1140 or 44 7/8 in", model.finished());
        finished.field().setId("finished");
        EntryRow bend =
                new EntryRow(Say.it("hose-entries.tightest-bend"), Say.it("hose-entries.centre-line"), model.bend());
        bend.field().setId("bend");
        clocking = new EntryRow(Say.it("hose-entries.clock-angle"), "0 to 360", model.clocking());
        finished.setTooltipText(Say.it("hose-entries.from-sealing-point-sealing"));
        basis = new ChoiceRow<>(
                Say.it("hose-entries.rated-by"),
                List.of(PressureBasis.values()),
                PressureBasis::word,
                b -> null,
                false,
                b -> b.ifPresent(model::basis));
        getChildren().setAll(kind, sizes, basis, facts, finished, bend, clocking);
        refresh();
    }

    EntryRow finished() {
        return finished;
    }

    void refresh() {
        HoseKind now = shown.orElseGet(model::hoseKind);
        basis.show(Optional.of(model.basis()));
        kind.offer(model.kinds());
        kind.show(Optional.of(now));
        Optional<HosePart> hose = model.plan().c().hose();
        List<HosePart> offered = model.hoses(now);
        if (!offered.equals(sizesOf) || !hose.equals(sizeChosen)) {
            sizesOf = offered;
            sizeChosen = hose;
            sizes(offered, hose);
        }
        facts.setText(hose.map(h -> Say.it(
                        "hose-entries.working-bend-or-more",
                        "part",
                        h.part(),
                        "working",
                        Figure.of(h.working(model.basis())).text(model.units()),
                        "centreLineBendRadius",
                        Figure.of(h.centreLineBendRadius()).text(model.units()),
                        "liner",
                        h.liner(),
                        "boreWanted",
                        model.boreWanted().orElse("")))
                .orElse(Say.it(
                        "hose-entries.choose-size-its-bore",
                        "boreWanted",
                        model.boreWanted().orElse(""))));
        boolean elbows = model.plan().c().twoElbows();
        clocking.setVisible(elbows);
        clocking.setManaged(elbows);
    }

    /** A press each for a few sizes; a catalogue with very many hoses of a kind gets a list that scrolls. */
    private void sizes(List<HosePart> offered, Optional<HosePart> hose) {
        if (offered.size() <= MOST_BUTTONS) {
            sizes.getChildren().setAll(offered.stream().map(h -> size(h, hose)).toList());
            return;
        }
        ComboBox<HosePart> box = new ComboBox<>();
        WordCell.dress(
                box, h -> h.part() + "   " + h.dash().text() + "   " + h.name(), Say.it("hose-entries.which-hose"));
        box.getItems().setAll(offered);
        box.setValue(hose.filter(offered::contains).orElse(null));
        box.setVisibleRowCount(14);
        box.valueProperty().addListener((o, was, now) -> {
            if (now != null) {
                shown = Optional.empty();
                model.hose(now);
            }
        });
        sizes.getChildren().setAll(box);
    }

    private void sizeKey(KeyEvent e) {
        if (e.getCharacter().length() == 1 && Character.isDigit(e.getCharacter().charAt(0))) {
            e.consume();
            keys.type(e.getCharacter().charAt(0), sizesOf).ifPresent(h -> {
                shown = Optional.empty();
                model.hose(h);
                Focus.on(this, SIZES);
            });
        }
    }

    private Button size(HosePart hose, Optional<HosePart> chosen) {
        Button b = new Button(hose.dash().text());
        b.getStyleClass().setAll("choice");
        b.setAccessibleText(Say.it("hose-entries.hose-size", "dash", hose.dash().text()));
        b.pseudoClassStateChanged(CHOSEN, chosen.filter(hose::equals).isPresent());
        b.setOnAction(e -> {
            shown = Optional.empty();
            model.hose(hose);
        });
        return b;
    }
}
