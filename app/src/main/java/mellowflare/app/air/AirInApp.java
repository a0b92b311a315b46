package mellowflare.app.air;

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
import mellowflare.app.page.Place;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.line.Kind;

/** Air mains in the window. */
public final class AirInApp implements KindInApp {
    @Override
    public Kind<?, ?> kind() {
        return AirMainKind.AIR;
    }

    @Override
    public Place place() {
        return Place.AIR;
    }

    @Override
    public List<Begin> begins() {
        return List.of(new Begin(
                Say.it("air-begin.plan"),
                Say.it("air-begin.plan-about"),
                Say.it("air-begin.plan-words"),
                j -> j.withKind(kind())));
    }

    @Override
    public Page page(Desk desk, LineModel line, Look look, Leads leads) {
        AirModel air = new AirModel(desk);
        return new AirView(
                air,
                new WalkModel(air),
                new AirWork(desk, ForkJoinPool.commonPool(), Platform::runLater),
                new HeldModel(air),
                line,
                look,
                leads);
    }

    @Override
    public Elsewhere elsewhere() {
        return new Elsewhere(
                Say.it("air-in-app.this-job-line-between"),
                Say.it("air-in-app.if-you-turn-into"),
                Say.it("air-in-app.make-air-main"));
    }
}
