package mellowflare.app.air;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.ListsModel;
import mellowflare.book.job.Papers;
import mellowflare.core.air.AirMainKind;

/** Papers and files that go along with a main, without a window. */
public final class FilesModel {
    private final Desk desk;
    private final ListsModel lists;

    public FilesModel(Desk desk) {
        this.desk = desk;
        this.lists = new ListsModel(desk);
    }

    /** The lists of tools, compressors and pipe as files. */
    public ListsModel lists() {
        return lists;
    }

    /** The papers that go along. */
    public List<Papers.Offer> papers() {
        return Papers.offered(AirMainKind.AIR);
    }

    public void write(Papers.Offer paper) {
        desk.write(paper);
    }
}
