package mellowflare.app.air;

import java.time.LocalDate;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.ListsModel;
import mellowflare.book.exchange.JobFiles;

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

    public void cuts() {
        desk.write("Cut list", JobFiles::cuts);
    }

    public void parts() {
        desk.write("Parts list", JobFiles::parts);
    }

    public void sheet() {
        desk.write(
                "Sheet",
                (now, folder) -> JobFiles.sheet(now, folder, desk.clock().getZone()));
    }

    public void tag() {
        desk.write("Tag", JobFiles::tag);
    }

    /** The drains from today on. */
    public void drains() {
        LocalDate today = LocalDate.now(desk.clock());
        desk.write("Drains", (now, folder) -> JobFiles.drains(now, folder, today));
    }

    public void network() {
        desk.write("Network", JobFiles::network);
    }

    public void dxf() {
        desk.write("Lines", JobFiles::dxf);
    }

    public void drawing() {
        desk.write("Drawing", JobFiles::drawing);
    }
}
