package mellowflare.app.broken;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.broken.BrokenPartKind;
import mellowflare.core.line.Kind;

/** Stuck and broken parts in the window. */
public final class BrokenInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return BrokenPartKind.BROKEN;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("broken-begin.free"),
                Say.it("broken-begin.free-about"),
                Say.it("broken-begin.free-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new BrokenView(new BrokenModel(desk), line, look, leads);
    }
}
