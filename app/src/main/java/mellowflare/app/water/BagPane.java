package mellowflare.app.water;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Figure;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Packed;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;

/** What may be behind the wall, and the smallest bag that finishes the job with the chance wanted. */
final class BagPane extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final WaterModel model;
    private final ChoiceRow<HouseAge> age;
    private final Map<HouseMaterial, Button> elsewhere = new EnumMap<>(HouseMaterial.class);
    private final VBox finds = new VBox(2);
    private final VBox parts = new VBox(2);
    private final Label says = Text.of("", "finding-remedy");

    BagPane(WaterModel model) {
        this.model = model;
        setId("water-bag");
        age = new ChoiceRow<>(
                Say.it("bag-pane.house"), List.of(HouseAge.values()), HouseAge::word, a -> null, true, model::age);
        age.setId("water-age");
        FlowPane seen = new FlowPane(4, 4);
        for (HouseMaterial m : HouseMaterial.values()) {
            Button b = new Button(m.word());
            b.getStyleClass().setAll("choice");
            b.setOnAction(e -> model.elsewhere(m));
            elsewhere.put(m, b);
            seen.getChildren().add(b);
        }
        VBox asked = Text.under(
                Say.it("bag-pane.what-is-known"),
                age,
                Text.of(Say.it("bag-pane.seen-elsewhere"), "sum-says"),
                seen,
                says);
        asked.getStyleClass().add("tight");
        getChildren()
                .setAll(new Columns(
                        new double[] {36, 32, 32},
                        asked,
                        Text.under(Say.it("bag-pane.may-be-found"), finds),
                        Text.under(Say.it("bag-pane.pack"), parts)));
    }

    void refresh() {
        age.show(model.line().age());
        elsewhere.forEach((m, b) ->
                b.pseudoClassStateChanged(CHOSEN, model.line().elsewhere().contains(m)));
        Packed packed = model.c().packed();
        List<String> covers = model.c().bag().map(b -> b.covers()).orElse(List.of());
        Text.fill(
                finds,
                packed.open()
                        ? packed.likeliest().stream()
                                .map(f -> line(f, packed.share(f), covers.contains(f.id())))
                                .toList()
                        : List.of(Say.it("bag-pane.nothing-hidden")),
                "finding-remedy");
        Text.fill(parts, model.packed().stream().map(BagPart::name).toList(), "finding-remedy");
        says.setText(model.c()
                .bag()
                .map(b -> Say.it(
                        "bag-pane.finishes",
                        "parts",
                        b.parts().size(),
                        "chance",
                        new Figure.OfShare(packed.chance(b)).text(model.units()),
                        "price",
                        packed.price(b).map(x -> LengthFormat.decimal(x, 0, 0)).orElse("–")))
                .orElse(""));
    }

    private String line(Find f, double likely, boolean covered) {
        String share = new Figure.OfShare(likely).text(model.units());
        return covered
                ? Say.it("bag-pane.covered", "find", f.name(), "share", share)
                : Say.it("bag-pane.not-covered", "find", f.name(), "share", share);
    }
}
