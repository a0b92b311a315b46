package mellowflare.app.tee;

import mellowflare.app.desk.Desk;
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
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        return new TeeView(new TeeModel(desk), line, look, leads);
    }
}
