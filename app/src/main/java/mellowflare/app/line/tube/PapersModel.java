package mellowflare.app.line.tube;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.book.exchange.JobFiles;
import mellowflare.core.tube.TubeParts;

/** What goes along with a tube line on paper and in files, without a window. */
public final class PapersModel {
    private final Desk desk;

    public PapersModel(Desk desk) {
        this.desk = desk;
    }

    public void template() {
        desk.write("Template", JobFiles::template);
    }

    public void lra() {
        desk.write("Table", JobFiles::lra);
    }

    public void dxf() {
        desk.write("Centre line", JobFiles::dxf);
    }

    public void drawing() {
        desk.write("Drawing", JobFiles::drawing);
    }

    public void parts() {
        desk.write("Parts list", JobFiles::parts);
    }

    public void tag() {
        desk.write("Tag", JobFiles::tag);
    }

    public List<TubeParts> list() {
        return TubeParts.of(desk.current().tube().orElseThrow().c());
    }
}
