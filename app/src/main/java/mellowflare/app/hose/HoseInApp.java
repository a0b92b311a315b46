package mellowflare.app.hose;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Platform;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.line.Kind;

/** Hose lines in the window. */
public final class HoseInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return HoseLineKind.HOSE;
    }

    @Override
    public List<Begin> begins() {
        return List.of(
                new Begin(
                        Say.it("hose-begin.replace"),
                        Say.it("hose-begin.replace-about"),
                        Say.it("hose-begin.replace-words"),
                        j -> j.withKind(kind()).withService(j.service().withWork(Optional.of(Work.REPLACEMENT)))),
                new Begin(
                        Say.it("hose-begin.new"),
                        Say.it("hose-begin.new-about"),
                        Say.it("hose-begin.new-words"),
                        j -> j.withKind(kind()).withService(j.service().withWork(Optional.of(Work.NEW)))));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new HoseView(
                new HoseModel(desk, line),
                new HoseModels(
                        new RouteModel(desk),
                        new LengthModel(desk),
                        new HereModel(desk),
                        new PartsModel(desk, ForkJoinPool.commonPool(), Platform::runLater)),
                look,
                leads);
    }
}
