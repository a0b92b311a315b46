package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.line.ListsPane;
import mellowflare.app.line.PaperPresses;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.cut.Stretch;

/** Papers and files that go along with a main, the measures of the room, and every piece with its sum. */
final class FilesPane extends VBox {
    private static final int MOST_SUMS = 60;

    private static final List<String> HEADS = List.of(
            Say.it("files-pane.centres"),
            Say.it("files-pane.stop"),
            Say.it("files-pane.stop"),
            Say.it("files-pane.cut"),
            Say.it("files-pane.mark"));

    private final AirModel model;
    private final GridPane sums = new GridPane();
    private List<List<String>> shown;
    private final ChoiceRow<Integer> heading;

    FilesPane(AirModel model, FilesModel papersModel) {
        this.model = model;
        setId("air-papers");
        heading = new ChoiceRow<>(
                Say.it("files-pane.looks"),
                List.of(0, 1, 2, 3),
                q -> List.of(
                                Say.it("files-pane.along"),
                                Say.it("files-pane.across"),
                                Say.it("files-pane.back"),
                                Say.it("files-pane.wall"))
                        .get(q),
                q -> null,
                false,
                q -> q.ifPresent(model::heading));
        EntryRow roomLong = new EntryRow(
                Say.it("files-pane.long-wall"), "18 m", model.fields().roomLength());
        roomLong.field().setId("room-long");
        VBox room = Text.under(
                Say.it("files-pane.the-room-compressor-s"),
                roomLong,
                new EntryRow(Say.it("files-pane.across"), "9 m", model.fields().roomWidth()),
                new EntryRow(Say.it("files-pane.height"), "4 m", model.fields().roomHeight()),
                new EntryRow(
                        Say.it("files-pane.outlet-along"),
                        Say.it("files-pane.from-corner"),
                        model.fields().along()),
                new EntryRow(
                        Say.it("files-pane.off-wall"),
                        Say.it("files-pane.across"),
                        model.fields().across()),
                new EntryRow(
                        Say.it("files-pane.outlet-up"),
                        Say.it("files-pane.above-floor"),
                        model.fields().stands()),
                heading,
                new EntryRow(
                        Say.it("files-pane.kwh-price"),
                        Say.it("files-pane.its-price"),
                        model.fields().kilowattHour()));
        room.getStyleClass().add("tight");
        sums.setHgap(8);
        sums.setVgap(2);
        sums.setId("air-sums");
        getChildren()
                .setAll(new Columns(
                        new double[] {32, 22, 46},
                        room,
                        new VBox(
                                8,
                                Text.under(
                                        Say.it("files-pane.for-shop-wall-for"),
                                        new PaperPresses(papersModel.papers(), papersModel::write)),
                                Text.under(
                                        Say.it("files-pane.own-tools-compressors-pipe"),
                                        new ListsPane(papersModel.lists(), Say.it("files-pane.a-list")))),
                        Text.under(Say.it("files-pane.cut-centres-less-both"), sums)));
    }

    void refresh() {
        heading.show(Optional.of(model.line().station().heading()));
        List<List<String>> rows = new ArrayList<>();
        model.c().work().ifPresent(w -> w.stretches().stream().limit(MOST_SUMS).forEach(s -> rows.add(sum(s))));
        if (!rows.equals(shown)) {
            shown = rows;
            sums.getChildren().clear();
            if (rows.isEmpty()) {
                sums.addRow(0, Text.of(Say.it("files-pane.nothing-cut-yet"), "soft"));
                return;
            }
            List<String> heads = new ArrayList<>(HEADS);
            heads.add(0, model.units() == UnitSystem.METRIC ? Say.it("files-pane.in-mm") : "");
            row(0, heads, "soft");
            for (int i = 0; i < rows.size(); i++) {
                row(i + 1, rows.get(i), "finding-remedy");
            }
            if (rows.size() == MOST_SUMS) {
                sums.add(Text.of(Say.it("files-pane.the-rest-stands-cut"), "soft"), 0, MOST_SUMS + 1, heads.size(), 1);
            }
        }
    }

    private void row(int at, List<String> words, String style) {
        for (int i = 0; i < words.size(); i++) {
            Label l = Text.of(words.get(i), style);
            l.setMinWidth(USE_PREF_SIZE);
            l.setWrapText(false);
            GridPane.setHalignment(l, i == 0 ? HPos.LEFT : HPos.RIGHT);
            sums.add(l, i, at);
        }
    }

    private List<String> sum(Stretch s) {
        return List.of(
                s.name(),
                figure(s.centres()),
                figure(s.stopA()),
                figure(s.stopB()),
                s.pieces().stream()
                        .map(this::figure)
                        .reduce((a, b) -> a + " + " + b)
                        .orElse(""),
                figure(s.size().insert()));
    }

    /** Without the unit where the head says it. */
    private String figure(Length l) {
        return model.units() == UnitSystem.METRIC ? LengthFormat.decimal(l.mm(), 1, 0) : LengthFormat.inches(l);
    }
}
