package mellowflare.app.gas;

import java.util.List;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Questions;
import mellowflare.app.entry.Text;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.stock.GasSystem;

/** How pipe is joined and hoses hang, what the rooms are like, who may open the line. */
final class GasSitePane extends VBox {
    private final GasModel model;
    private final ChoiceRow<GasSystem.Joint> joint;
    private final ChoiceRow<GasSystem.Joint> odd;
    private final ChoiceRow<GasSite.Sealant> sealant;
    private final Questions<GasSite> questions;

    GasSitePane(GasModel model) {
        this.model = model;
        this.questions = new Questions<>(model::site);
        setId("gas-site");
        joint = joints(
                "gas-joint",
                Say.it("gas-site-pane.joined"),
                List.of(
                        GasSystem.Joint.THREAD,
                        GasSystem.Joint.FLARE,
                        GasSystem.Joint.BRAZE,
                        GasSystem.Joint.PRESS,
                        GasSystem.Joint.WELD,
                        GasSystem.Joint.FUSE,
                        GasSystem.Joint.MAKER));
        odd = joints(
                "gas-joint-odd",
                Say.it("gas-site-pane.or"),
                List.of(GasSystem.Joint.COMPRESSION, GasSystem.Joint.PUSH, GasSystem.Joint.SOFT_SOLDER));
        sealant = new ChoiceRow<>(
                Say.it("gas-site-pane.sealed"),
                List.of(GasSite.Sealant.values()),
                GasSitePane::word,
                s -> null,
                true,
                s -> model.site(Say.it("gas-site-pane.sealant"), x -> x.withSealant(s)));
        sealant.setId("gas-sealant");
        VBox work = Text.under(
                Say.it("gas-site-pane.work"),
                questions.asked(
                        "gas-licensed", Say.it("gas-site-pane.licensed"), GasSite::licensed, GasSite::withLicensed),
                joint,
                odd,
                sealant,
                questions.asked(
                        "gas-hidden",
                        Say.it("gas-site-pane.hidden"),
                        GasSite::buriedByCode,
                        GasSite::withBuriedByCode));
        VBox hoses = Text.under(
                Say.it("gas-site-pane.hoses"),
                questions.asked("gas-hot", Say.it("gas-site-pane.hot"), GasSite::hot, GasSite::withHot),
                questions.asked("gas-pull", Say.it("gas-site-pane.pull"), GasSite::pullOut, GasSite::withPullOut),
                questions.asked("gas-proved", Say.it("gas-site-pane.proved"), GasSite::proved, GasSite::withProved),
                questions.asked(
                        "gas-guarded", Say.it("gas-site-pane.guarded"), GasSite::guarded, GasSite::withGuarded));
        EntryRow openings = new EntryRow(
                Say.it("gas-site-pane.openings"),
                Say.it("gas-site-pane.free-area"),
                model.fields().openings());
        openings.field().setId("gas-openings");
        VBox room = Text.under(
                Say.it("gas-site-pane.room"),
                questions.asked(
                        "gas-sleeping", Say.it("gas-site-pane.sleeping"), GasSite::sleeping, GasSite::withSleeping),
                openings,
                questions.asked(
                        "gas-detector",
                        Say.it("gas-site-pane.detector"),
                        GasSite::gasDetector,
                        GasSite::withGasDetector),
                questions.asked("gas-co", Say.it("gas-site-pane.co"), GasSite::coDetector, GasSite::withCoDetector));
        for (VBox box : List.of(work, hoses, room)) {
            box.getStyleClass().add("tight");
        }
        getChildren().setAll(new Columns(new double[] {38, 31, 31}, work, hoses, room));
    }

    private ChoiceRow<GasSystem.Joint> joints(String id, String word, List<GasSystem.Joint> some) {
        ChoiceRow<GasSystem.Joint> row = new ChoiceRow<>(
                word,
                some,
                GasSystem.Joint::word,
                j -> null,
                true,
                j -> model.site(Say.it("gas-site-pane.joint"), x -> x.withJoint(j)));
        row.setId(id);
        return row;
    }

    private static String word(GasSite.Sealant s) {
        return switch (s) {
            case GAS_PASTE -> Say.it("gas-site-pane.sealant-paste");
            case GAS_TAPE -> Say.it("gas-site-pane.sealant-tape");
            case WATER_TAPE -> Say.it("gas-site-pane.sealant-water");
            case NONE -> Say.it("gas-site-pane.sealant-none");
        };
    }

    void refresh() {
        GasSite s = model.line().site();
        joint.show(s.joint());
        odd.show(s.joint());
        sealant.show(s.sealant());
        questions.show(s);
    }
}
