package mellowflare.app.pipe;

import java.util.List;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Platform;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.line.Kind;
import mellowflare.core.pipe.PipeLineKind;

/** Rigid pipe in the window. */
public final class PipeInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return PipeLineKind.PIPE;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("pipe-begin.run"),
                Say.it("pipe-begin.run-about"),
                Say.it("pipe-begin.run-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        PipeModel pipe = new PipeModel(desk);
        return new PipeView(
                pipe,
                new OffsetModel(pipe),
                new RunModel(pipe),
                new PiecesModel(pipe),
                new PipeWork(ForkJoinPool.commonPool(), Platform::runLater),
                line,
                look,
                leads);
    }
}
