package mellowflare.app.pipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.CellField;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.join.Joiners;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;

/** What each fitting takes, by table or as measured on the part; methods; and which joiner two pipes want. */
final class PartsPane extends VBox {
    private final PipeModel model;
    private final PartsModel parts;
    private final GridPane table = new GridPane();
    private final List<Label[]> figures = new ArrayList<>();
    private List<PartKey> shown = List.of();
    private final List<ChoiceRow<Method>> methods = new ArrayList<>();
    private final ChoiceRow<JoinAnswers.Opened> opened;
    private final ChoiceRow<Boolean> turns;
    private final ChoiceRow<Boolean> weld;
    private final ChoiceRow<Boolean> metal;
    private final ChoiceRow<JoinAnswers.Gap> gap;
    private final VBox joiner = new VBox(2);

    PartsPane(PipeModel model, PartsModel parts) {
        this.model = model;
        this.parts = parts;
        setId("pipe-parts");
        table.getStyleClass().add("readings");
        table.setHgap(10);
        table.setVgap(1);
        VBox how = new VBox(4);
        for (MethodTopic t : PartsModel.TOPICS) {
            ChoiceRow<Method> row = new ChoiceRow<>(
                    "", model.methods(t), Method::name, m -> null, false, m -> m.ifPresent(model::method));
            methods.add(row);
            how.getChildren().addAll(Text.of(t.word(), "soft"), row);
        }
        opened = row(
                Say.it("parts-pane.opened"),
                List.of(JoinAnswers.Opened.values()),
                PartsPane::word,
                o -> parts.join(a -> a.withOpened(o)));
        turns = yesNo(Say.it("parts-pane.turns"), o -> parts.join(a -> a.withTurns(o)));
        weld = yesNo(Say.it("parts-pane.weld"), o -> parts.join(a -> a.withWeld(o)));
        metal = yesNo(Say.it("parts-pane.metal"), o -> parts.join(a -> a.withSameMetal(o)));
        gap = row(
                Say.it("parts-pane.gap"),
                List.of(JoinAnswers.Gap.values()),
                PartsPane::word,
                o -> parts.join(a -> a.withGap(o)));
        getChildren()
                .setAll(new Columns(
                        new double[] {40, 27, 33},
                        Text.under(Say.it("parts-pane.takes"), table),
                        Text.under(Say.it("parts-pane.methods"), how),
                        Text.under(Say.it("parts-pane.which-joiner"), opened, turns, weld, metal, gap, joiner)));
    }

    private static <T> ChoiceRow<T> row(
            String word, List<T> values, Function<T, String> name, java.util.function.Consumer<Optional<T>> told) {
        return new ChoiceRow<>(word, values, name, v -> null, true, told);
    }

    private static ChoiceRow<Boolean> yesNo(String word, java.util.function.Consumer<Optional<Boolean>> told) {
        return row(word, List.of(true, false), b -> b ? Say.it("parts-pane.yes") : Say.it("parts-pane.no"), told);
    }

    private static String word(JoinAnswers.Opened o) {
        return switch (o) {
            case NEVER -> Say.it("parts-pane.never");
            case AT_TIMES -> Say.it("parts-pane.at-times");
            case OFTEN -> Say.it("parts-pane.often");
        };
    }

    private static String word(JoinAnswers.Gap g) {
        return switch (g) {
            case TOUCHING -> Say.it("parts-pane.touching");
            case SHORT -> Say.it("parts-pane.short-link");
            case LENGTH -> Say.it("parts-pane.cut-out");
        };
    }

    void refresh() {
        List<PartKey> now = parts.used();
        if (!now.equals(shown) || table.getChildren().isEmpty()) {
            shown = now;
            lay();
        }
        for (int i = 0; i < shown.size(); i++) {
            Optional<Off> face = model.c().parts().face(shown.get(i));
            Optional<Off> off = model.c().parts().takeOff(shown.get(i));
            figures.get(i)[0].setText(face.map(o -> LengthFormat.figure(o.length(), model.units()))
                    .orElse("–"));
            figures.get(i)[1].setText(
                    off.map(o -> LengthFormat.figure(o.length(), model.units())).orElse("–"));
            figures.get(i)[2].setText(face.map(o -> o.source().shown()).orElse(""));
        }
        for (int i = 0; i < methods.size(); i++) {
            methods.get(i).show(Optional.of(model.method(PartsModel.TOPICS.get(i))));
        }
        JoinAnswers a = model.line().join();
        opened.show(a.opened());
        turns.show(a.turns());
        weld.show(a.weld());
        metal.show(a.sameMetal());
        gap.show(a.gap());
        Text.fill(
                joiner,
                parts.joiner().map(j -> List.of(words(j))).orElse(List.of(Say.it("parts-pane.answer"))),
                "finding-remedy");
    }

    private static String words(Joiners.Joiner j) {
        return Say.it(
                "parts-pane.joiner",
                "name",
                j.name(),
                "reason",
                j.reason(),
                "classes",
                j.classes(),
                "ends",
                j.ends(),
                "standard",
                j.standard());
    }

    private void lay() {
        table.getChildren().clear();
        figures.clear();
        table.addRow(
                0,
                Text.of(Say.it("parts-pane.part"), "soft"),
                Text.of(Say.it("parts-pane.to-face"), "soft"),
                Text.of(Say.it("parts-pane.take-off"), "soft"),
                Text.of(Say.it("parts-pane.measured"), "soft"));
        int at = 1;
        for (PartKey p : shown) {
            Label[] cells = {Text.figure(""), Text.figure(""), Text.of("", "soft", "sum-source")};
            figures.add(cells);
            CellField field = new CellField(
                    at == 1 ? "pipe-measured" : "pipe-measured-" + at,
                    Say.it("parts-pane.measured-of", "part", p.name()),
                    parts.measured(p));
            table.addRow(at++, Text.of(p.name(), "sum-says"), cells[0], cells[1], field);
            table.add(cells[2], 0, at++, 4, 1);
        }
        model.line().size().ifPresent(size -> {
            CellField sample = new CellField("pipe-sample", Say.it("parts-pane.sample", "size", size), parts.sample());
            table.add(Text.of(Say.it("parts-pane.sample", "size", size), "sum-says"), 0, at(shown), 3, 1);
            table.add(sample, 3, at(shown));
        });
    }

    private static int at(List<PartKey> shown) {
        return 2 * shown.size() + 2;
    }
}
