package mellowflare.app.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.line.ListsPane;
import mellowflare.core.air.cut.Stretch;
import mellowflare.core.measure.LengthFormat;

/** Papers and files that go along with a main, the measures of the room, and every piece with its sum. */
final class FilesPane extends VBox {
    private static final int MOST_SUMS = 60;

    private final AirModel model;
    private final VBox sums = new VBox(2);
    private final ChoiceRow<Integer> heading;

    FilesPane(AirModel model, FilesModel papersModel) {
        this.model = model;
        setId("air-papers");
        FlowPane papers = new FlowPane(
                4,
                2,
                Press.quiet("cut list (CSV)", papersModel::cuts),
                Press.quiet("parts list (CSV)", papersModel::parts),
                Press.quiet("job sheet (PDF)", papersModel::sheet),
                Press.quiet("tag with code (PDF)", papersModel::tag),
                Press.quiet("drains into the calendar (iCalendar)", papersModel::drains));
        FlowPane files = new FlowPane(
                4,
                2,
                Press.quiet("network of the worst case (JSON)", papersModel::network),
                Press.quiet("lines in space (DXF)", papersModel::dxf),
                Press.quiet("drawing (SVG)", papersModel::drawing));
        heading = new ChoiceRow<>(
                "looks",
                List.of(0, 1, 2, 3),
                q -> List.of("along", "across", "back", "to the wall").get(q),
                q -> null,
                false,
                q -> q.ifPresent(model::heading));
        VBox room = Text.under(
                "The room, and where the compressor's outlet stands",
                new EntryRow("long wall", "18 m", model.roomLength()),
                new EntryRow("room across", "9 m", model.roomWidth()),
                new EntryRow("height", "4 m", model.roomHeight()),
                new EntryRow("outlet along", "from the corner", model.along()),
                new EntryRow("outlet off wall", "across", model.across()),
                new EntryRow("outlet up", "above the floor", model.stands()),
                heading,
                new EntryRow("kilowatt-hour", "its price", model.kilowattHour()));
        getChildren()
                .setAll(new Columns(
                        new double[] {32, 30, 38},
                        room,
                        new VBox(
                                8,
                                Text.under("For shop and wall", papers),
                                Text.under("For other programs", files),
                                Text.under(
                                        "Own tools, compressors and pipe",
                                        new ListsPane(papersModel.lists(), "a list"))),
                        Text.under("Cut = centre to centre less both stops", sums)));
    }

    void refresh() {
        heading.show(Optional.of(model.line().station().heading()));
        List<String> lines = new ArrayList<>();
        model.c().work().ifPresent(w -> w.stretches().stream().limit(MOST_SUMS).forEach(s -> lines.add(sum(s))));
        Text.fill(sums, lines.isEmpty() ? List.of("Nothing to cut yet.") : lines, "finding-remedy");
    }

    private String sum(Stretch s) {
        String pieces = s.pieces().stream()
                .map(l -> LengthFormat.figure(l, model.units()))
                .reduce((a, b) -> a + " + " + b)
                .orElse("");
        return s.name() + ": " + LengthFormat.figure(s.centres(), model.units()) + " − "
                + LengthFormat.figure(s.stopA(), model.units()) + " − " + LengthFormat.figure(s.stopB(), model.units())
                + (s.couplings() > 0 ? " − " + s.couplings() + " coupling" + (s.couplings() > 1 ? "s" : "") : "")
                + " = " + pieces + "; marks at " + LengthFormat.figure(s.size().insert(), model.units());
    }
}
