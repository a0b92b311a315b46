package mellowflare.core.air.draw;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Sight;
import mellowflare.core.geometry.Vector;
import mellowflare.core.run.walk.Sized;

/** What all parts of the drawing of a main look at. */
final class MainScene {
    static final double WIDE = 330;
    private static final double HIGH = 190;
    private static final int LABELLED = 26;
    private static final int DETAILED = 80;

    final AirCase c;
    final Optional<String> chosen;
    final Map<String, Sized> sized = new HashMap<>();
    /** Speed in each pipe in the worst case (m/s); empty while nothing flows. */
    final Map<String, Double> speeds = new HashMap<>();

    final Drawing.Sheet sheet = new Drawing.Sheet();
    final boolean labelled;
    /** Whether sound fittings and the valves of legs are drawn: in a large shop they would lie over each other. */
    final boolean detailed;

    final Sight view;
    /** Places as they hang, with their fall (mm). */
    private final Map<String, Vector> hung = new HashMap<>();

    MainScene(AirCase c, Optional<String> chosen, double turn, double tilt) {
        this.c = c;
        this.chosen = chosen;
        c.sized().forEach(s -> sized.put(s.name(), s));
        if (c.flows()) {
            c.together().flow().pipes().forEach(p -> speeds.put(p.pipe().name(), p.metresPerSecond()));
        }
        c.walked()
                .spots()
                .forEach((name, s) -> hung.put(
                        name,
                        new Vector(s.at().x(), s.at().y(), c.fall().height(name).mm())));
        this.labelled = c.main().pieces().size() <= LABELLED;
        this.detailed = c.main().pieces().size() <= DETAILED;
        List<Vector> all = new ArrayList<>();
        for (Vector v : hung.values()) {
            all.add(v);
            all.add(new Vector(v.x(), v.y(), 0));
        }
        all.addAll(ShopRoom.corners(c.main().shop()));
        Vector start = at(AirWalk.START);
        all.add(start.plus(new Vector(-700, -700, 0)));
        all.add(start.plus(new Vector(700, 700, 0)));
        this.view = Sight.turned(turn, tilt).fitted(all, 0, 0, WIDE, HIGH);
    }

    /** A place as it hangs (mm). */
    Vector at(String spot) {
        return hung.get(spot);
    }

    /** A place on the paper. */
    Point paper(String spot) {
        return view.at(at(spot));
    }

    Drawing done() {
        return sheet.done(-6, speeds.isEmpty() ? -6 : -24, WIDE + 6, HIGH + 6);
    }
}
