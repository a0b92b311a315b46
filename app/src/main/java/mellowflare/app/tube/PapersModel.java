package mellowflare.app.tube;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.book.job.Papers;
import mellowflare.core.table.FigureTable;
import mellowflare.core.tube.TubeLineKind;

/** What goes along with a tube line on paper and in files, without a window. */
public final class PapersModel {
    private final Desk desk;

    public PapersModel(Desk desk) {
        this.desk = desk;
    }

    /** The papers that go along. */
    public List<Papers.Offer> papers() {
        return Papers.offered(TubeLineKind.TUBE);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }

    /** How the cut comes about, and what to ask for. */
    public List<FigureTable> tables() {
        return desk.current().plan().tables().stream()
                .filter(t -> t.what() != FigureTable.What.BENDS)
                .toList();
    }
}
