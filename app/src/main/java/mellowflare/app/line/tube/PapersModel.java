package mellowflare.app.line.tube;

import java.nio.file.Path;
import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.JobFiles;
import mellowflare.core.job.Evaluation;
import mellowflare.core.tube.TubeParts;

/** What goes along with a tube line on paper and in files, without a window. */
public final class PapersModel {
    private final Desk desk;

    public PapersModel(Desk desk) {
        this.desk = desk;
    }

    /** Writes a file into a folder. */
    private interface Writes {
        Path to(Evaluation now, Path folder) throws BookTrouble;
    }

    private void write(Writes writes) {
        Evaluation now = desk.current();
        desk.keeper()
                .ask(
                        book -> writes.to(now, book.folder().resolve("out")),
                        path -> desk.tell("Written to " + path + "."),
                        desk::tell);
    }

    public void template() {
        write(JobFiles::template);
    }

    public void lra() {
        write(JobFiles::lra);
    }

    public void dxf() {
        write(JobFiles::dxf);
    }

    public void drawing() {
        write(JobFiles::drawing);
    }

    public void parts() {
        write(JobFiles::parts);
    }

    public void tag() {
        write(JobFiles::tag);
    }

    public List<TubeParts> list() {
        return TubeParts.of(desk.current().tube().orElseThrow().c());
    }
}
