package mellowflare.core.air.draw;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Lettering;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Walked;

/**
 * The main in the room, seen slanting from above. Pipes are as wide as their sizes differ, the air's way is pointed, outlets say what they have; what fails is marked at its place, and where the chosen piece
 * seals it glows.
 */
public final class MainDrawing {
    /** Round the outlet with the least to spare. */
    private static final double TIGHTEST = 5;
    /** Water is drawn from so much on (L a day). */
    private static final double WORTH_A_DROP = 0.05;

    private final MainScene on;
    private final Map<String, Severity> worst = new HashMap<>();
    private final List<Finding> unplaced;

    private MainDrawing(MainScene on, List<Finding> findings) {
        this.on = on;
        for (Finding f : findings) {
            if (f.state() == State.FAIL) {
                places(f, on).forEach(name -> worst.merge(name, f.severity(), (x, y) -> x.compareTo(y) < 0 ? x : y));
            }
        }
        this.unplaced = findings.stream().filter(f -> places(f, on).isEmpty()).toList();
    }

    /**
     * The page's picture.
     *
     * @param c the main
     * @param findings what was judged, for the marks
     * @param turn about the upright (degrees)
     * @param tilt how far it is looked down on (degrees)
     * @param chosen the piece that is worked on
     */
    public static Drawing page(AirCase c, List<Finding> findings, double turn, double tilt, Optional<String> chosen) {
        return new MainDrawing(new MainScene(c, chosen, turn, tilt), findings).draw();
    }

    /** The places of the main that a finding speaks of. */
    private static Set<String> places(Finding f, MainScene on) {
        return f.figures().values().stream()
                .filter(Figure.Word.class::isInstance)
                .map(w -> ((Figure.Word) w).text())
                .filter(on.c.walked().spots()::containsKey)
                .collect(Collectors.toUnmodifiableSet());
    }

    private Drawing draw() {
        ShopRoom room = new ShopRoom(on);
        Pipework pipework = new Pipework(on);
        room.walls();
        room.shadows();
        room.compressors();
        on.c.walked().runs().forEach(pipework::run);
        pipework.couplings();
        pipework.rods();
        pipework.arrows();
        pipework.glow();
        pipework.joints();
        outlets();
        room.tanks();
        water();
        pipework.scale();
        marks();
        return on.done().marked(Finding.marks(unplaced));
    }

    private void outlets() {
        Lettering lettering = new Lettering(on.c.walked().runs().stream()
                .map(r -> new Lettering.Line(on.paper(r.from()), on.paper(r.to())))
                .toList());
        for (Walked.Run r : on.c.walked().runs()) {
            if (r.kind() != Walked.Kind.DROP) {
                continue;
            }
            Point p = on.paper(r.to());
            on.sheet.add(
                    new Shape.Disc(p, on.detailed ? 2.6 : 1.3, on.detailed ? Pen.OUTLINE : Pen.THREAD, Fill.PAPER));
            if (on.c.together().tight().filter(r.to()::equals).isPresent()) {
                on.sheet.add(new Shape.Disc(p, TIGHTEST, Pen.SELECTED, Fill.NONE));
            }
            on.sheet.spot(Subject.OUTLET, r.to(), p.x() - 6, p.y() - 6, p.x() + 6, p.y() + 6);
            boolean running = on.c.together().scenario().running().containsKey(r.to());
            boolean told = worst.get(r.to()) == Severity.STOP;
            if (on.labelled || told || on.chosen.filter(r.to()::equals).isPresent()) {
                String under = running
                        ? on.c.pressure(AirCase.toolAt(r.to()))
                                .map(x -> Figure.of(x).text(on.c.units()))
                                .orElse(Say.it("main-drawing.no-air"))
                        : "";
                Lettering.Place place = lettering.beside(p, r.to(), under);
                on.sheet.label(place.at(), r.to(), under, Shape.Role.OVER, place.anchor());
            }
        }
    }

    /** Drops where water gathers, by how much; where it stays because nothing leads down, an open one. */
    private void water() {
        if (on.detailed) {
            on.c.water()
                    .ifPresent(w -> w.gathered().stream()
                            .filter(g -> g.litres() >= WORTH_A_DROP
                                    && on.c.walked().spots().containsKey(g.place()))
                            .forEach(g -> drop(
                                    on.paper(g.place()).plus(-6, -3),
                                    Math.min(2.2, 0.8 + Math.cbrt(g.litres()) * 0.7),
                                    Fill.MIDDLE)));
        }
        if (on.c.fall().way() == Fall.Way.LEVEL || on.c.main().fall() == 0) {
            return;
        }
        for (String spot : on.c.fall().holding()) {
            drop(on.paper(spot).plus(0, -7), 1, Fill.NONE);
        }
    }

    private void drop(Point p, double size, Fill fill) {
        on.sheet.path(
                Pen.MEASURED,
                fill,
                true,
                List.of(
                        p.plus(0, 4 * size),
                        p.plus(1.8 * size, 0.6 * size),
                        p.plus(1.6 * size, -1.2 * size),
                        p.plus(0, -2 * size),
                        p.plus(-1.6 * size, -1.2 * size),
                        p.plus(-1.8 * size, 0.6 * size)));
    }

    private void marks() {
        worst.forEach((name, severity) -> place(name).ifPresent(p -> on.sheet.mark(severity, p.plus(-7, 6))));
    }

    private Optional<Point> place(String name) {
        return on.c.walked().spots().containsKey(name) ? Optional.of(on.paper(name)) : Optional.empty();
    }
}
