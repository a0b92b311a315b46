package mellowflare.app.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Press;
import mellowflare.app.entry.Text;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.water.choose.WaterSet;

/** Every set of parts, the best first, each to be taken; beside it the seals of the one that counts, and why the others do not. */
final class SetsPane extends VBox {
    private final WaterModel model;
    private final VBox sets = new VBox(1);
    private final VBox joints = new VBox(2);
    private List<WaterSet> shown = List.of();
    private Optional<WaterSet> taken = Optional.empty();

    SetsPane(WaterModel model) {
        this.model = model;
        setId("water-sets");
        ScrollPane all = new ScrollPane(sets);
        all.setFitToWidth(true);
        all.getStyleClass().add("slip-inner");
        all.setPrefHeight(240);
        ScrollPane seals = new ScrollPane(joints);
        seals.setFitToWidth(true);
        seals.getStyleClass().add("slip-inner");
        seals.setPrefHeight(240);
        getChildren()
                .setAll(new Columns(
                        new double[] {48, 52},
                        Text.under(Say.it("sets-pane.sets"), all),
                        Text.under(Say.it("sets-pane.seals"), seals)));
    }

    void refresh() {
        List<WaterSet> now = model.c().sets();
        Optional<WaterSet> set = model.c().set();
        if (now.equals(shown) && set.equals(taken) && !sets.getChildren().isEmpty()) {
            return;
        }
        shown = now;
        taken = set;
        sets.getChildren().clear();
        int number = 1;
        for (WaterSet s : now) {
            if (s.possible()) {
                Button take = Press.quiet(
                        Say.it(
                                "sets-pane.set",
                                "number",
                                number++,
                                "method",
                                s.method().name(),
                                "link",
                                s.link().name(),
                                "price",
                                LengthFormat.decimal(s.price(), 0, 0),
                                "minutes",
                                LengthFormat.decimal(s.minutes(), 0, 0)),
                        () -> model.take(s));
                take.setWrapText(true);
                take.setMinWidth(0);
                take.setMaxWidth(Double.MAX_VALUE);
                take.getStyleClass().add("soap-tick");
                if (set.filter(s::equals).isPresent()) {
                    take.getStyleClass().add("row-chosen");
                }
                sets.getChildren().add(take);
            }
        }
        now.stream()
                .filter(s -> !s.possible())
                .forEach(s -> sets.getChildren()
                        .add(Text.of(
                                Say.it(
                                        "sets-pane.blocked",
                                        "method",
                                        s.method().name(),
                                        "link",
                                        s.link().name(),
                                        "why",
                                        s.blocked().get(0)),
                                "soft")));
        if (now.isEmpty()) {
            sets.getChildren().add(Text.of(Say.it("sets-pane.none-yet"), "soft"));
        }
        Text.fill(joints, seals(set), "finding-remedy");
    }

    private static List<String> seals(Optional<WaterSet> set) {
        List<String> lines = new ArrayList<>();
        set.ifPresent(s -> {
            int number = 1;
            for (WaterSet.SetJoint j : s.joints()) {
                lines.add(Say.it(
                        "sets-pane.joint",
                        "number",
                        number++,
                        "at",
                        j.at(),
                        "seal",
                        j.seal(),
                        "put",
                        j.put(),
                        "turns",
                        j.turns()));
            }
            lines.add(Say.it("sets-pane.tools", "tools", String.join(", ", s.tools())));
            lines.addAll(s.goods());
            lines.addAll(s.bads());
        });
        return lines;
    }
}
