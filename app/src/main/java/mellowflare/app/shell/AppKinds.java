package mellowflare.app.shell;

import java.util.List;
import mellowflare.app.air.AirInApp;
import mellowflare.app.broken.BrokenInApp;
import mellowflare.app.gas.GasInApp;
import mellowflare.app.hose.HoseInApp;
import mellowflare.app.line.Begin;
import mellowflare.app.line.KindInApp;
import mellowflare.app.page.Place;
import mellowflare.app.pipe.PipeInApp;
import mellowflare.app.tee.TeeInApp;
import mellowflare.app.tube.TubeInApp;
import mellowflare.app.water.WaterInApp;
import mellowflare.core.line.Kind;

/** The kinds of line that the window can show: one line each. */
final class AppKinds {
    private static final List<KindInApp> ALL = List.of(
            new HoseInApp(),
            new TubeInApp(),
            new PipeInApp(),
            new GasInApp(),
            new WaterInApp(),
            new TeeInApp(),
            new BrokenInApp(),
            new AirInApp());

    private AppKinds() {}

    static KindInApp of(Kind<?, ?> kind) {
        return ALL.stream()
                .filter(k -> k.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("The window knows no " + kind.word()));
    }

    /** Every way to begin a job, kind by kind. */
    static List<Begin> begins() {
        return ALL.stream().flatMap(k -> k.begins().stream()).toList();
    }

    /** The kinds whose pages lie at a place. */
    static List<KindInApp> at(Place place) {
        return ALL.stream().filter(k -> k.place() == place).toList();
    }
}
