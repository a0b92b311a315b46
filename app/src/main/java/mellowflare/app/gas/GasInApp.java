package mellowflare.app.gas;

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
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.line.Kind;

/** Gas lines in the window. */
public final class GasInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return GasLineKind.GAS;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("gas-begin.run"),
                Say.it("gas-begin.run-about"),
                Say.it("gas-begin.run-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        GasModel gas = new GasModel(desk);
        return new GasView(
                gas,
                new GasWalkModel(gas),
                new AppliancesModel(gas),
                new GasTestModel(gas),
                new SizeSearch(ForkJoinPool.commonPool(), Platform::runLater),
                line,
                look,
                leads);
    }
}
