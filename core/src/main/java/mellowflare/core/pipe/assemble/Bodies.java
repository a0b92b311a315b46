package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.space.Attached;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Mouth;
import mellowflare.core.pipe.space.Spool;
import mellowflare.core.pipe.stock.FlangeSize;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.pipe.stock.PipeWall;

/** A run taken apart into bodies and what holds them together. What is there already is one body, the first. */
final class Bodies {
    /** The band of a fitting stands out over the pipe by about a quarter of its diameter (house figure). */
    private static final double BAND = 0.75;

    private static final double USUAL_OUTSIDE_MM = 33.4;

    final List<Body> bodies = new ArrayList<>();
    final List<Bond> bonds = new ArrayList<>();

    private final Laid laid;
    private final PartsInUse parts;
    /** Body behind each mouth of each fitting. */
    private final List<Integer[]> behind = new ArrayList<>();

    private Bodies(Laid laid, PartsInUse parts) {
        this.laid = laid;
        this.parts = parts;
        bodies.add(new Body("", Body.Kind.GROUND, List.of(), Optional.empty(), -1));
        for (int i = 0; i < laid.fittings().size(); i++) {
            behind.add(new Integer[laid.fittings().get(i).mouths().size()]);
            fitting(i);
        }
        laid.spools().forEach(this::spool);
        laid.attached().forEach(this::attached);
        hold();
    }

    static Bodies of(Laid laid, PartsInUse parts) {
        return new Bodies(laid, parts);
    }

    private void fitting(int i) {
        Fitted f = laid.fittings().get(i);
        if (f.kind() == Fitted.Kind.END) {
            end(i, f);
        } else if (f.kind().opens()) {
            halves(i, f);
        } else {
            int body = add(f.name(), Body.Kind.FITTING, solid(f, all(f)), handle(f), order(i));
            Arrays.fill(behind.get(i), body);
        }
    }

    /** Every fitting comes after the pipe that leads to it. */
    private static int order(int fitting) {
        return 2 * fitting;
    }

    private static List<Mouth> all(Fitted f) {
        return f.mouths();
    }

    /** A port that is there is part of what is there; a flange goes on the pipe and is bolted to what is there. */
    private void end(int i, Fitted f) {
        EndKind kind = f.end().orElseThrow();
        if (!kind.flanged()) {
            if (f.fixed()) {
                behind.get(i)[0] = 0;
            }
            return;
        }
        int body = add(f.name(), Body.Kind.FITTING, disc(f), Optional.empty(), order(i));
        behind.get(i)[0] = body;
        if (f.fixed()) {
            bonds.add(new Bond(
                    body, 0, Bond.Kind.FLANGE, f.at(), f.mouths().get(0).out()));
        }
    }

    private void halves(int i, Fitted f) {
        Bond.Kind kind = switch (f.kind()) {
            case FLANGES -> Bond.Kind.FLANGE;
            case FLEX -> Bond.Kind.FLEX;
            default -> Bond.Kind.UNION;
        };
        List<Capsule> first =
                f.kind() == Fitted.Kind.FLANGES ? disc(f) : solid(f, f.mouths().subList(0, 1));
        List<Capsule> second =
                f.kind() == Fitted.Kind.FLANGES ? disc(f) : solid(f, f.mouths().subList(1, 2));
        int a = add(Say.it("bodies.near-half", "name", f.called()), Body.Kind.HALF, first, Optional.empty(), order(i));
        int b = add(Say.it("bodies.far-half", "name", f.called()), Body.Kind.HALF, second, Optional.empty(), order(i));
        behind.get(i)[0] = a;
        behind.get(i)[1] = b;
        bonds.add(new Bond(a, b, kind, f.at(), f.mouths().get(1).out()));
    }

    private void spool(Spool s) {
        int body = add(s.name(), Body.Kind.PIPE, List.of(seen(s)), Optional.empty(), 2 * s.to() - 1);
        bond(body, s.from(), s.fromMouth(), s.direction());
        bond(body, s.to(), s.toMouth(), s.direction().times(-1));
    }

    /** The pipe between its fittings; what is inside them takes no room of its own. Its round ends reach to the faces. */
    private Capsule seen(Spool s) {
        double radius = outside(s.size()) / 2;
        double a = face(laid.from(s).mouths().get(s.fromMouth())) + radius;
        double b = s.points().mm() - face(laid.to(s).mouths().get(s.toMouth())) - radius;
        double middle = (a + b) / 2;
        Vector start = laid.from(s).at();
        return new Capsule(
                start.plus(s.direction().times(Math.min(a, middle))),
                start.plus(s.direction().times(Math.max(b, middle))),
                radius);
    }

    private void bond(int body, int fitting, int mouth, Vector away) {
        Integer other = behind.get(fitting)[mouth];
        Mouth m = laid.fittings().get(fitting).mouths().get(mouth);
        if (other != null && m.join() != Mouth.Join.NONE) {
            Vector at = laid.fittings().get(fitting).at().plus(away.times(face(m)));
            bonds.add(new Bond(body, other, m.welded() ? Bond.Kind.WELD : Bond.Kind.THREAD, at, away));
        }
    }

    private void attached(Attached x) {
        Integer other = behind.get(x.fitting())[x.mouth()];
        if (other == null) {
            return;
        }
        Fitted f = laid.fittings().get(x.fitting());
        Mouth m = f.mouths().get(x.mouth());
        Vector at = f.at().plus(m.out().times(face(m)));
        int body = add(
                x.name(),
                Body.Kind.FITTING,
                List.of(new Capsule(at, at, outside(x.part().size()) * BAND)),
                Optional.empty(),
                order(x.fitting()) + 1);
        // What is screwed into the mouth is screwed into the bushing from now on.
        if (x.part().small().isPresent()) {
            for (int i = 0; i < bonds.size(); i++) {
                Bond b = bonds.get(i);
                if (b.holds(other) && b.at().minus(at).length() < 1e-6) {
                    bonds.set(i, new Bond(b.other(other), body, b.kind(), b.at(), b.axis()));
                }
            }
        }
        bonds.add(new Bond(body, other, Bond.Kind.THREAD, at, m.out()));
    }

    /** A run that nothing holds is begun at its first piece, in the vice. */
    private void hold() {
        if (bonds.stream().noneMatch(b -> b.holds(0)) && bodies.size() > 1) {
            bonds.add(new Bond(1, 0, Bond.Kind.FLEX, Vector.ZERO, new Vector(1, 0, 0)));
        }
    }

    private int add(String name, Body.Kind kind, List<Capsule> solid, Optional<Capsule> handle, int order) {
        bodies.add(new Body(name, kind, solid, handle, order));
        return bodies.size() - 1;
    }

    private List<Capsule> solid(Fitted f, List<Mouth> mouths) {
        List<Capsule> all = new ArrayList<>();
        for (Mouth m : mouths) {
            double radius = outside(m.size()) * BAND;
            all.add(new Capsule(f.at(), f.at().plus(m.out().times(Math.max(0, face(m) - radius))), radius));
        }
        return all;
    }

    private List<Capsule> disc(Fitted f) {
        Mouth m = f.mouths().get(0);
        double radius = parts.data()
                        .get(PipeStock.KEY)
                        .flange(m.size())
                        .map(FlangeSize::outside)
                        .map(Length::mm)
                        .orElse(outside(m.size()) * 3)
                / 2;
        Vector side = m.out().square().unit();
        Vector up = m.out().cross(side);
        return List.of(
                new Capsule(f.at().plus(side.times(radius)), f.at().minus(side.times(radius)), 1),
                new Capsule(f.at().plus(up.times(radius)), f.at().minus(up.times(radius)), 1));
    }

    /** A lever over the valve, along the run: where it lies is chosen last, so it is taken where it reaches furthest. */
    private Optional<Capsule> handle(Fitted f) {
        if (f.kind() != Fitted.Kind.VALVE) {
            return Optional.empty();
        }
        Vector out = f.mouths().get(1).out();
        Vector side = out.square().unit();
        return parts.house(f.mouths().get(0).size())
                .map(h -> new Capsule(
                        f.at(),
                        f.at().plus(side.times(h.length(HouseSize.Own.HANDLE_MM).mm())),
                        8));
    }

    private static double face(Mouth m) {
        return m.face().map(Length::mm).orElse(0.0);
    }

    private double outside(String size) {
        return parts.wall(size).map(PipeWall::outside).map(Length::mm).orElse(USUAL_OUTSIDE_MM);
    }
}
