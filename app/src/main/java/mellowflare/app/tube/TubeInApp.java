package mellowflare.app.tube;

import mellowflare.app.desk.Desk;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.line.Kind;
import mellowflare.core.tube.TubeLineKind;

/** Tube lines in the window. */
public final class TubeInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return TubeLineKind.TUBE;
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new TubeView(TubeModels.of(desk), line, look, leads);
    }
}
