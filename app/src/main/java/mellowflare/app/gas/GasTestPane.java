package mellowflare.app.gas;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Answers;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.SoapJoint;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/** The pressure hold of the finished line, and every joint to be soaped, in order from the source. */
final class GasTestPane extends VBox {
    private final GasModel model;
    private final GasTestModel test;
    private final ChoiceRow<Boolean> apart;
    private final VBox readings = new VBox(2);
    private final VBox result = new VBox(2);
    private final VBox soap = new VBox(2);
    private List<SoapJoint> shown = List.of();

    GasTestPane(GasModel model, GasTestModel test) {
        this.model = model;
        this.test = test;
        setId("gas-test");
        apart = Answers.yesNo("gas-apart", Say.it("gas-test-pane.apart"), test::apart);
        EntryRow reading = new EntryRow(Say.it("gas-test-pane.reading"), "10 min 150 mbar 17 C", test.reading());
        reading.field().setId("held-reading");
        reading.onEnter(test::take);
        VBox how = Text.under(
                Say.it("gas-test-pane.hold"),
                apart,
                new EntryRow(Say.it("gas-test-pane.allowed"), "L/h", test.allowed()),
                new EntryRow(Say.it("gas-test-pane.gauge-step"), "mbar", test.step()),
                reading,
                readings);
        how.getStyleClass().add("tight");
        ScrollPane list = new ScrollPane(soap);
        list.setFitToWidth(true);
        list.getStyleClass().add("slip-inner");
        list.setPrefHeight(440);
        list.setMinHeight(160);
        list.setId("gas-soap");
        getChildren()
                .setAll(new Columns(
                        new double[] {32, 27, 41},
                        how,
                        Text.under(Say.it("gas-test-pane.says"), result),
                        Text.under(
                                Say.it("gas-test-pane.soap"),
                                Text.of(Say.it("gas-test-pane.no-flame"), "soft"),
                                list)));
    }

    void refresh() {
        apart.show(model.line().test().apart());
        readings.getChildren().clear();
        for (HoldTest.Reading r : test.readings()) {
            readings.getChildren().add(Press.quiet(words(r), () -> test.remove(r)));
        }
        Text.fill(result, lines(), "finding-remedy");
        List<SoapJoint> joints = test.joints();
        if (!joints.equals(shown)) {
            shown = joints;
            soap.getChildren().clear();
            int number = 1;
            for (SoapJoint j : joints) {
                Button box = Press.quiet("", () -> test.soap(j));
                box.setWrapText(true);
                box.setMinWidth(0);
                box.setMaxWidth(Double.MAX_VALUE);
                box.setUserData(number++);
                box.getStyleClass().add("soap-tick");
                soap.getChildren().add(box);
            }
            if (joints.size() < 2) {
                soap.getChildren().setAll(Text.of(Say.it("gas-test-pane.no-joints"), "soft"));
            }
        }
        for (int i = 0; i < soap.getChildren().size(); i++) {
            if (soap.getChildren().get(i) instanceof Button box) {
                box.setText(words(joints.get(i), box.getUserData()));
            }
        }
    }

    private String words(SoapJoint j, Object number) {
        return test.soaped(j)
                ? Say.it("gas-test-pane.joint-tight", "number", number, "joint", j.what())
                : Say.it("gas-test-pane.joint", "number", number, "joint", j.what());
    }

    private String words(HoldTest.Reading r) {
        return Say.it(
                "gas-test-pane.taken",
                "minutes",
                LengthFormat.decimal(r.minutes(), 1, 0),
                "gauge",
                new Figure.OfGasPressure(r.gauge()).text(model.units()),
                "air",
                r.air().map(t -> Figure.of(t).text(model.units())).orElse(Say.it("gas-test-pane.no-temperature")));
    }

    private List<String> lines() {
        UnitSystem u = model.units();
        GasCase c = model.c();
        List<String> lines = new ArrayList<>();
        lines.add(c.testPressure()
                .map(p -> Say.it("gas-test-pane.test-at", "pressure", new Figure.OfGasPressure(p).text(u)))
                .orElse(Say.it("gas-test-pane.test-by-code")));
        lines.add(Say.it(
                "gas-test-pane.volume", "volume", new Figure.OfLitres(c.volume().litres()).text(u)));
        for (Finding f : model.plan().findings()) {
            boolean about = f.rule().id().startsWith("hold.") || f.rule().id().equals("gas.test-apart");
            if (about && f.state() != State.NOT_CHECKED) {
                lines.add(f.says(u));
                if (!f.remedy(u).isBlank()) {
                    lines.add(f.remedy(u));
                }
            }
        }
        if (c.heldTest().isEmpty()) {
            lines.add(Say.it("gas-test-pane.two-readings"));
        }
        long ticked = test.joints().stream().filter(test::soaped).count();
        lines.add(Say.it(
                "gas-test-pane.ticked", "ticked", ticked, "all", test.joints().size()));
        return lines;
    }
}
