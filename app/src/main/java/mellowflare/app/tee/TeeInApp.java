package mellowflare.app.tee;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.line.LineModel;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.core.line.Kind;
import mellowflare.core.tee.TeeInKind;

/** Tees into standing lines in the window. */
public final class TeeInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return TeeInKind.TEE;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("tee-begin.into"),
                Say.it("tee-begin.into-about"),
                Say.it("tee-begin.into-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new TeeView(new TeeModel(desk), line, look, leads);
    }
}
