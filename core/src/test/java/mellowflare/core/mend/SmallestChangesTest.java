package mellowflare.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Line;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Setting;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.Source;
import mellowflare.core.shelf.PartRole;
import org.junit.jupiter.api.Test;

/** Which changes are looked for, and in what order they come, on lines of which all that follows is known beforehand. */
class SmallestChangesTest {
    /** A line that says itself what follows from it, and what may be changed. */
    private record Toy(
            String name,
            int parts,
            int stops,
            int warns,
            int unasked,
            double price,
            int lacking,
            List<Toy> next,
            List<Toy> anew)
            implements Line {
        static Toy of(String name, int stops, int warns) {
            return new Toy(name, 1, stops, warns, 0, 0, 0, List.of(), List.of());
        }

        Toy to(Toy... ways) {
            return new Toy(name, parts, stops, warns, unasked, price, lacking, List.of(ways), anew);
        }

        Toy orAnew(Toy... ways) {
            return new Toy(name, parts, stops, warns, unasked, price, lacking, next, List.of(ways));
        }

        Toy asParts(int many) {
            return new Toy(name, many, stops, warns, unasked, price, lacking, next, anew);
        }

        Toy unasked(int some) {
            return new Toy(name, parts, stops, warns, some, price, lacking, next, anew);
        }

        Toy costs(double money) {
            return new Toy(name, parts, stops, warns, unasked, money, lacking, next, anew);
        }

        Toy lacks(int some) {
            return new Toy(name, parts, stops, warns, unasked, price, some, next, anew);
        }
    }

    private static RuleText rule(Severity severity) {
        return new RuleText("toy." + severity, severity, "Fails.", "Passes.", "", "Mend it.", Source.house("a shop's"));
    }

    private record ToyPlan(Toy toy) implements Plan {
        @Override
        public List<Finding> findings() {
            Stream<Finding> stops = IntStream.range(0, toy.stops)
                    .mapToObj(i -> Finding.fail(rule(Severity.STOP), Subject.LINE, Map.of()));
            Stream<Finding> warns = IntStream.range(0, toy.warns)
                    .mapToObj(i -> Finding.fail(rule(Severity.WARN), Subject.LINE, Map.of()));
            Stream<Finding> unasked = IntStream.range(0, toy.unasked)
                    .mapToObj(i -> Finding.notChecked(rule(Severity.STOP), Subject.LINE, Needs.FLUID));
            return Stream.of(
                            stops, warns, unasked, Stream.of(Finding.pass(rule(Severity.STOP), Subject.LINE, Map.of())))
                    .flatMap(s -> s)
                    .toList();
        }

        @Override
        public List<Take> takes() {
            List<Take> all = new ArrayList<>();
            all.add(Take.named("a part", PartRole.values()[0], 2, false, Optional.of(toy.price / 2)));
            IntStream.range(0, toy.lacking)
                    .forEach(i -> all.add(new Take(
                            "P" + i,
                            "a part that is short",
                            PartRole.values()[0],
                            Optional.empty(),
                            3,
                            false,
                            0,
                            Optional.of(2.0),
                            Optional.empty())));
            all.add(new Take(
                    "FULL",
                    "a part that lies there",
                    PartRole.values()[0],
                    Optional.empty(),
                    2,
                    false,
                    0,
                    Optional.of(2.0),
                    Optional.empty()));
            return all;
        }

        @Override
        public List<Step> steps() {
            return List.of();
        }

        @Override
        public String stillNeeded() {
            return "";
        }

        @Override
        public Optional<CalledFigure> measured() {
            return Optional.empty();
        }

        @Override
        public Optional<CutFigure> cutFigure() {
            return Optional.empty();
        }

        @Override
        public BenchWords benchWords() {
            return new BenchWords.ManyPieces(Optional.empty(), Length.ofMm(1));
        }

        @Override
        public Optional<Fluid> fluid() {
            return Optional.empty();
        }

        @Override
        public Drawing strip() {
            throw new UnsupportedOperationException();
        }
    }

    /** Also counts what was worked out. */
    private static final class ToyKind implements Kind<Toy, ToyPlan> {
        private final List<String> worked = new ArrayList<>();

        @Override
        public KindId id() {
            return new KindId("toy");
        }

        @Override
        public String word() {
            return "toy";
        }

        @Override
        public boolean joinsPorts() {
            return false;
        }

        @Override
        public Toy fresh() {
            return Toy.of("", 0, 0);
        }

        @Override
        public Class<Toy> lineType() {
            return Toy.class;
        }

        @Override
        public Class<ToyPlan> planType() {
            return ToyPlan.class;
        }

        @Override
        public ReferenceData load(ReferenceData shared) {
            return shared;
        }

        @Override
        public ToyPlan plan(Toy line, Setting setting, Optional<ToyPlan> before) {
            worked.add(line.name);
            return new ToyPlan(line);
        }

        @Override
        public List<Mending<Toy>> mendings(ToyPlan plan) {
            return plan.toy.next.stream()
                    .map(t -> new Mending<>(t.name, t.parts, t))
                    .toList();
        }

        @Override
        public List<Mending<Toy>> rebuilt(ToyPlan plan, BooleanSupplier cancelled) {
            return plan.toy.anew.stream()
                    .map(t -> new Mending<>(t.name, t.parts, t))
                    .toList();
        }
    }

    private final ToyKind kind = new ToyKind();
    private final List<String> told = new ArrayList<>();

    private Evaluation of(Toy toy) {
        return Evaluation.of(
                Job.open("j", "a toy", "bench", UnitSystem.METRIC)
                        .withKind(kind)
                        .with(kind, toy),
                Samples.DATA);
    }

    private List<String> ways(Toy toy) {
        return ways(toy, () -> false);
    }

    private List<String> ways(Toy toy, BooleanSupplier cancelled) {
        Evaluation broken = of(toy);
        kind.worked.clear();
        told.clear();
        return new Mender(broken, cancelled, m -> told.add(String.join("+", m.changes())))
                .ways().stream().map(m -> String.join("+", m.changes())).toList();
    }

    @Test
    void testALineThatNothingStopsOrWarnsOfIsLeftAlone() {
        assertThat(ways(Toy.of("sound", 0, 0).unasked(2).to(Toy.of("other", 0, 0))))
                .isEmpty();
        assertThat(kind.worked).isEmpty();
    }

    @Test
    void testOneChangeIsEnoughAndNoSecondIsLookedFor() {
        Toy nearer = Toy.of("nearer", 1, 0).to(Toy.of("second", 0, 0));
        assertEquals(List.of("mends"), ways(Toy.of("broken", 2, 0).to(nearer, Toy.of("mends", 0, 3))));
        assertEquals(List.of("nearer", "mends"), kind.worked);
    }

    /** A line that was only warned of must be warned of less; one that was stopped may keep its warnings. */
    @Test
    void testAWarningIsMendedOnlyByFewerOfThem() {
        assertEquals(
                List.of("fewer"),
                ways(Toy.of("warned", 0, 2).to(Toy.of("as many", 0, 2), Toy.of("fewer", 0, 1), Toy.of("more", 0, 3))));
        assertEquals(List.of("warned of"), ways(Toy.of("stopped", 1, 0).to(Toy.of("warned of", 0, 2))));
    }

    /** A stop that is only not asked about any more is none that was cleared. */
    @Test
    void testAWayOnWhichACheckGoesUnaskedIsNone() {
        Toy broken = Toy.of("broken", 1, 0).unasked(1);
        assertEquals(
                List.of("as open"),
                ways(broken.to(
                        Toy.of("unasked", 0, 0).unasked(2),
                        Toy.of("as open", 0, 0).unasked(1))));
    }

    @Test
    void testTheSmallestComesFirstThenFewerWarningsThenWhatLiesThereThenWhatCostsLess() {
        Toy broken = Toy.of("broken", 1, 0)
                .to(
                        Toy.of("warned", 0, 1),
                        Toy.of("dear", 0, 0).costs(9),
                        Toy.of("short", 0, 0).lacks(2),
                        Toy.of("short of one", 0, 0).lacks(1).costs(40),
                        Toy.of("cheap", 0, 0).costs(7));
        assertEquals(List.of("cheap", "dear", "short of one", "short", "warned"), ways(broken));
        assertThat(told).containsExactly("warned", "dear", "short", "short of one", "cheap");
    }

    /** One change of three parts is more than two of one part each; changes of as many parts as that are not looked at any more. */
    @Test
    void testTwoPartsAreFewerThanThree() {
        Toy three = Toy.of("three parts", 0, 0).asParts(3);
        Toy first = Toy.of("first", 1, 0)
                .to(Toy.of("second", 0, 1), Toy.of("far", 0, 0).asParts(2));
        assertEquals(
                List.of("first+second", "three parts"),
                ways(Toy.of("broken", 2, 0).to(three, first)));
        assertEquals(List.of("three parts", "first", "second"), kind.worked);
        Toy two = Toy.of("two parts", 0, 0).asParts(2);
        assertEquals(List.of("two parts"), ways(Toy.of("broken", 2, 0).to(two, first)));
        assertEquals(List.of("two parts", "first"), kind.worked);
    }

    /** The costs of parts are what each costs times how many. */
    @Test
    void testCostAndWhatLacksAreSummed() {
        List<Mend> all = new ArrayList<>();
        new Mender(of(Toy.of("broken", 1, 0).to(Toy.of("w", 0, 2).costs(8.5).lacks(3))), () -> false, all::add).ways();
        assertEquals(8.5, all.get(0).cost(), 1e-9);
        assertEquals(3, all.get(0).lacks());
        assertEquals(2, all.get(0).left().size());
        assertThatThrownBy(() -> new Mend(List.of(), 0, all.get(0).after()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Mend(List.of("one", "two"), 1, all.get(0).after()))
                .isInstanceOf(IllegalArgumentException.class);
        Evaluation broken = of(Toy.of("broken", 1, 0));
        assertThatThrownBy(() -> new Mend(List.of("none"), 1, broken)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The second change is tried on what came nearest: fewest stops, then fewest warnings, then what costs least; on twelve, and until eight ways are found. */
    @Test
    void testTheSecondChangeIsTriedOnTheNearest() {
        List<Toy> once = new ArrayList<>();
        once.add(Toy.of("two stops", 2, 0).to(Toy.of("x", 0, 0)));
        once.add(Toy.of("warned", 1, 1).to(Toy.of("y", 0, 0)));
        once.add(Toy.of("dear", 1, 0).costs(5).to(Toy.of("z", 1, 0)));
        once.add(Toy.of("cheap", 1, 0).costs(3).to(Toy.of("u", 1, 0)));
        List<String> ways = ways(Toy.of("broken", 3, 0).to(once.toArray(Toy[]::new)));
        assertEquals(List.of("warned+y", "two stops+x"), told);
        assertThat(ways).containsExactlyInAnyOrder("warned+y", "two stops+x");
        assertEquals(List.of("two stops", "warned", "dear", "cheap", "u", "z", "y", "x"), kind.worked);
    }

    @Test
    void testTwelveAreChangedTwiceAndNoMoreThanEightWaysAreLookedFor() {
        Toy[] hopeless = IntStream.range(0, 14)
                .mapToObj(i -> Toy.of("n" + (char) ('a' + i), 1, i).to(Toy.of("m" + i, i == 12 ? 0 : 1, 0)))
                .toArray(Toy[]::new);
        assertThat(ways(Toy.of("broken", 3, 0).to(hopeless))).isEmpty();
        assertThat(kind.worked).hasSize(14 + 12).contains("m11").doesNotContain("m12");
        Toy[] hopeful = IntStream.range(0, 11)
                .mapToObj(i -> Toy.of("n" + (char) ('a' + i), 1, i).to(Toy.of("m" + i, 0, 0)))
                .toArray(Toy[]::new);
        assertThat(ways(Toy.of("broken", 3, 0).to(hopeful))).hasSize(8);
        assertEquals("nh+m7", told.get(7));
    }

    /** What was worked out once is not worked out again: not the line itself, not one that another change leads to too. */
    @Test
    void testNoLineIsWorkedOutTwice() {
        Toy broken = Toy.of("broken", 2, 0);
        Toy back = Toy.of("back", 1, 0);
        Toy there = Toy.of("there", 1, 0).to(back);
        assertThat(ways(broken.to(there, back))).isEmpty();
        assertEquals(List.of("there", "back"), kind.worked);
    }

    @Test
    void testItIsBuiltAnewOnlyWhereNoTwoChangesMendIt() {
        Toy anew = Toy.of("all anew", 0, 0);
        assertEquals(
                List.of("all anew"),
                ways(Toy.of("broken", 1, 0).to(Toy.of("no", 1, 0)).orAnew(anew)));
        assertEquals(
                List.of("one+two"),
                ways(Toy.of("broken", 1, 0)
                        .to(Toy.of("one", 1, 0).to(Toy.of("two", 0, 0)))
                        .orAnew(anew)));
        assertThat(ways(Toy.of("broken", 1, 0).orAnew(anew), () -> true)).isEmpty();
        assertThat(kind.worked).isEmpty();
    }

    @Test
    void testGivenUpNothingMoreIsWorkedOut() {
        Toy broken = Toy.of("broken", 1, 0).to(Toy.of("a", 0, 0), Toy.of("b", 0, 0), Toy.of("c", 0, 0));
        assertEquals(List.of("a", "b"), ways(broken, () -> kind.worked.size() == 2));
        assertEquals(Set.of("a", "b"), Set.copyOf(kind.worked));
    }
}
