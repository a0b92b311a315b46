package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.water.Water;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.cut.Stretch;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walked;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Mains walked at random, sound and odd: what must hold for every one of them. */
class RandomWalksTest {
    private static final String[] TOOLS = {"die-grinder", "blow-gun", "wrench-half", "stapler", "sander", "gone"};

    private static AirMain walk(int n, long seed) {
        Random r = new Random(seed);
        List<Piece> pieces = new ArrayList<>(List.of(
                AirSamples.hose("flex", Turn.AHEAD, 0.6),
                new Piece.Drain("foot", Length.ofMm(400)),
                AirSamples.pipe("riser", Turn.UP, 2.5)));
        for (int i = 0; i < n; i++) {
            String name = r.nextInt(12) == 0 ? "riser" : "p" + i;
            pieces.add(piece(name, i, r));
        }
        if (r.nextBoolean()) {
            pieces.add(new Piece.Drain("last", Length.ofMm(1500)));
        }
        return AirSamples.small().withPieces(pieces).withSize(Optional.of("40")).withFall(r.nextInt(3) * 7.5);
    }

    private static Piece piece(String name, int i, Random r) {
        Length length = Length.ofMm(r.nextInt(20) == 0 ? 0 : 300 + r.nextInt(9000));
        return switch (r.nextInt(12)) {
            case 0 -> new Piece.Drain(name, length);
            case 1 -> new Piece.Valve(name);
            case 2 -> new Piece.From("from", r.nextInt(6) == 0 ? "nowhere" : "p" + r.nextInt(i + 1));
            case 3 -> new Piece.Close(name, r.nextBoolean() ? "riser" : "p" + r.nextInt(i + 1), Optional.empty());
            case 4 -> new Piece.Tank(name, Volume.ofLitres(100 + r.nextInt(400)));
            case 5, 6, 7 ->
                new Piece.Drop(
                        name,
                        length,
                        Optional.empty(),
                        TakeOff.values()[r.nextInt(3)],
                        r.nextBoolean() ? Optional.of(Length.ofMm(300)) : Optional.empty(),
                        new Outlet(
                                List.of(TOOLS[r.nextInt(TOOLS.length)]),
                                r.nextBoolean() ? Optional.of("who " + r.nextInt(3)) : Optional.empty(),
                                r.nextBoolean() ? Optional.of(Length.ofMm(5000)) : Optional.empty(),
                                Optional.empty(),
                                r.nextBoolean()));
            default -> new Piece.Pipe(name, Turn.values()[r.nextInt(6)], length, Optional.empty());
        };
    }

    /** Nothing breaks, every sentence is whole, and the water that falls out arrives somewhere. */
    @Property(tries = 150)
    void testAnyWalkIsWorkedOut(@ForAll @IntRange(max = 40) int n, @ForAll long seed) {
        AirPlan plan = AirPlan.of(AirSamples.of(walk(n, seed)));
        for (Finding f : plan.findings()) {
            assertThat(f.says(UnitSystem.METRIC)).isNotBlank().doesNotContain("{", "NaN", "Infinity");
            assertThat(f.because(UnitSystem.INCH)).isNotBlank().doesNotContain("{", "NaN", "Infinity");
        }
        plan.c().water().ifPresent(w -> {
            double gathered = w.gathers().values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            assertThat(gathered).isCloseTo(w.inPipes(), within(1e-9 + w.inPipes() * 1e-9));
            assertThat(w.drawn()).isGreaterThanOrEqualTo(w.inReceiver() + w.inPipes() - 1e-9);
            for (Water.Fallen f : w.fallen()) {
                assertThat(f.litres()).isGreaterThanOrEqualTo(0);
                assertThat(f.in().celsius()).isGreaterThanOrEqualTo(f.out().celsius() - 1e-9);
            }
        });
    }

    /** Every run starts and ends at places that are there, and pieces written down read as themselves. */
    @Property(tries = 150)
    void testRunsHangTogetherAndPiecesReadAsWritten(@ForAll @IntRange(max = 40) int n, @ForAll long seed) {
        AirMain m = walk(n, seed);
        Walked w = AirWalk.of(m.station(), m.pieces());
        Set<String> places = w.spots().keySet();
        for (Walked.Run r : w.runs()) {
            assertThat(places).contains(r.from(), r.to());
            assertThat(r.a()).isEqualTo(w.spots().get(r.from()).at());
            assertThat(r.b()).isEqualTo(w.spots().get(r.to()).at());
        }
        assertThat(w.runs().stream().map(Walked.Run::name).distinct().count())
                .isEqualTo(w.runs().size());
        for (Piece p : m.pieces()) {
            String written = WalkText.write(p, UnitSystem.METRIC);
            Piece again = WalkText.read(written, UnitSystem.METRIC, "7").value().orElseThrow();
            assertThat(again.getClass()).isEqualTo(p.getClass());
            assertThat(WalkText.write(again, UnitSystem.METRIC)).isEqualTo(written);
        }
    }

    /** A place that is said to hold water has no neighbour that it could run down to; of one place in a pool there is one finding. */
    @Property(tries = 150)
    void testWaterStaysOnlyWhereNothingLeadsDown(@ForAll @IntRange(min = 1, max = 40) int n, @ForAll long seed) {
        AirCase c = AirSamples.of(walk(n, seed));
        Fall fall = c.fall();
        for (String place : fall.holding()) {
            for (Walked.Run r : c.joints().meeting(place)) {
                String other = r.from().equals(place) ? r.to() : r.from();
                boolean top = r.overTheTop();
                assertThat(top || !fall.drops(place, other))
                        .as(place + " to " + other)
                        .isTrue();
            }
        }
        assertThat(fall.holding()).doesNotHaveDuplicates();
    }

    /** Every run but hose lies in one stretch, and pieces with couplings and stops add up to centre to centre. */
    @Property(tries = 150)
    void testPiecesAddUpToTheWalk(@ForAll @IntRange(max = 40) int n, @ForAll long seed) {
        AirCase c = AirSamples.of(walk(n, seed));
        Map<String, Integer> seen = new HashMap<>();
        for (Stretch s : c.work().orElseThrow().stretches()) {
            s.runs().forEach(r -> seen.merge(r.name(), 1, Integer::sum));
            double centres = s.runs().stream().mapToDouble(r -> r.length().mm()).sum();
            assertThat(s.centres().mm()).isCloseTo(centres, within(1e-6));
            if (s.possible()) {
                double sum = s.pieces().stream().mapToDouble(Length::mm).sum()
                        + s.couplings() * s.size().coupling().mm()
                        + s.stopA().mm()
                        + s.stopB().mm();
                assertThat(sum).as(s.name()).isCloseTo(centres, within(1e-6));
                assertThat(s.pieces()).allMatch(p -> p.mm() <= 5600);
            }
        }
        long rigid = c.walked().runs().stream()
                .filter(r -> r.kind() != Walked.Kind.HOSE)
                .count();
        assertThat(seen).hasSize((int) rigid);
        assertThat(seen.values()).allMatch(k -> k == 1);
    }

    /** The quick look never finds worse than the look at everything, and where it says that it saw all, it did. */
    @Property(tries = 60)
    void testTheWorstOfAllIsTheWorst(@ForAll @IntRange(min = 2, max = 24) int n, @ForAll long seed) {
        AirCase c = AirSamples.of(walk(n, seed));
        if (c.choices().isEmpty() || !c.flows()) {
            return;
        }
        Together all = c.worstOfAll(p -> {}, () -> false);
        assertThat(all.tried()).isLessThanOrEqualTo(all.cases());
        assertThat(c.together().margin().bar())
                .isGreaterThanOrEqualTo(all.margin().bar() - 1e-6);
        if (c.together().all()) {
            assertThat(c.together().margin().bar()).isCloseTo(all.margin().bar(), within(1e-6));
        }
        assertThat(all.scenario().running()).hasSize(c.choices().size());
        // One tool less never leaves less to the tightest.
        if (all.tight().isPresent() && all.scenario().running().size() > 1) {
            Map<String, AirTool> fewer = new HashMap<>(all.scenario().running());
            fewer.remove(fewer.keySet().stream()
                    .filter(o -> !o.equals(all.tight().get()))
                    .findFirst()
                    .orElseThrow());
            NetworkFlow flow = NetworkSolver.solve(c.network(new Scenario(fewer)));
            double then = flow.node(AirCase.toolAt(all.tight().get()))
                    .orElseThrow()
                    .pressure()
                    .bar();
            double before = all.flow()
                    .node(AirCase.toolAt(all.tight().get()))
                    .orElseThrow()
                    .pressure()
                    .bar();
            assertThat(then).isGreaterThanOrEqualTo(before - 1e-7);
        }
    }

    /** A sketch lies where the whole case lies, with the same fittings and the same oddities. */
    @Property(tries = 60)
    void testASketchIsTheCaseWithoutItsFlow(@ForAll @IntRange(max = 30) int n, @ForAll long seed) {
        AirMain m = walk(n, seed);
        AirCase whole = AirSamples.of(m);
        AirCase sketch = AirSamples.of(AirSamples.small()).sketched(m);
        assertThat(sketch.walked()).isEqualTo(whole.walked());
        assertThat(sketch.fall()).isEqualTo(whole.fall());
        assertThat(sketch.sized()).isEqualTo(whole.sized());
        assertThat(sketch.joints().all().stream().map(Joints.Joint::kind).toList())
                .isEqualTo(whole.joints().all().stream().map(Joints.Joint::kind).toList());
    }
}
