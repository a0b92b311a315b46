package mellowflare.app.tube;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.book.job.Papers;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubeParts;

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

    public List<TubeParts> list() {
        return TubeParts.of(desk.current().plan(TubeLineKind.TUBE).orElseThrow().c());
    }
}
