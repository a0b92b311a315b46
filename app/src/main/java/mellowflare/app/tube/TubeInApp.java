package mellowflare.app.tube;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
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
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("tube-begin.make"),
                Say.it("tube-begin.make-about"),
                Say.it("tube-begin.make-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new TubeView(TubeModels.of(desk), line, look, leads);
    }
}
