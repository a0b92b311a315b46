package mellowflare.app.water;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.line.Kind;
import mellowflare.core.water.WaterPointKind;

/** Water points in the window. */
public final class WaterInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return WaterPointKind.WATER;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("water-begin.connect"),
                Say.it("water-begin.connect-about"),
                Say.it("water-begin.connect-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new WaterView(new WaterModel(desk), line, look, leads);
    }
}
