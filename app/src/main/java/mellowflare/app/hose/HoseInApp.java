package mellowflare.app.hose;

import java.util.concurrent.ForkJoinPool;
import javafx.application.Platform;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.line.Kind;

/** Hose lines in the window. */
public final class HoseInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return HoseLineKind.HOSE;
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
