package mellowflare.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.Work;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;

/**
 * Answers as they were when they were last looked through: figures and verdicts, no sentences. A line that differs is either a fault or to be looked at and taken
 * over: {@code mvn test -pl core -Dtest='*Stand*' -Dtest.args=-Dtake.over=true}.
 */
public final class Stands {
    /** So many of the first cases others are told apart from. */
    private static final int LIKE = 4;

    private Stands() {}

    public static void as(Class<?> test, String name, List<String> now) {
        try {
            if (takesOver()) {
                Path file = Path.of("src/test/resources", test.getPackageName().replace('.', '/'), name);
                Files.createDirectories(file.getParent());
                Files.write(file, now, StandardCharsets.UTF_8);
                return;
            }
            assertThat(now).isEqualTo(lines(test, name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether the answers of now are written down instead of being held against those of before. */
    static boolean takesOver() {
        return Boolean.getBoolean("take.over");
    }

    /** What was last looked through; nothing where nothing was. */
    static List<String> lines(Class<?> test, String name) {
        try (var in = test.getResourceAsStream(name)) {
            return in == null
                    ? List.of()
                    : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static String figure(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    public static String figures(Map<String, Figure> figures) {
        return new TreeMap<>(figures)
                .entrySet().stream()
                        .map(f -> f.getKey() + "=" + f.getValue().text(UnitSystem.METRIC))
                        .collect(Collectors.joining("; "));
    }

    public static List<String> findings(List<Finding> findings) {
        return findings.stream()
                .map(f -> f.rule().id() + " " + f.about() + " " + f.state() + " " + f.severity() + ": "
                        + figures(f.figures())
                        + (f.missing().isEmpty() ? "" : " lacks " + f.missing().size()))
                .toList();
    }

    /** The steps, and then every figure that is filled into them. */
    public static List<String> steps(List<Step> steps) {
        List<String> lines = new ArrayList<>();
        Set<String> figures = new TreeSet<>();
        for (Step s : steps) {
            lines.add(s.id() + " " + s.about() + " " + s.gate() + (s.hold().isPresent() ? " hold" : "") + " "
                    + s.cautions().size() + " cautions, " + s.tools().size() + " tools, "
                    + s.records().size() + " records");
            s.figures().forEach((k, f) -> figures.add("figure " + k + " = " + f.text(UnitSystem.METRIC)));
        }
        lines.addAll(figures);
        return lines;
    }

    /** All that a line comes to. */
    public static List<String> plan(Plan plan) {
        List<String> lines = new ArrayList<>(findings(plan.findings()));
        lines.addAll(steps(plan.steps()));
        plan.cutFigure()
                .ifPresent(c -> lines.add("cut exact " + figure(c.exact().mm()) + " marked "
                        + figure(c.marked().mm())));
        plan.measured()
                .ifPresent(m -> lines.add(
                        "measured by " + m.calledBy() + " " + figure(m.value().mm())));
        lines.add("fluid " + plan.fluid().map(Fluid::id).orElse("-"));
        return lines;
    }

    /** What a kind says of itself, and of a line of which nothing was said: worked out anew only where something changed. */
    public static <L extends Line, P extends Plan> void kind(
            Kind<L, P> kind, String id, boolean joinsPorts, int ownLists) {
        assertThat(kind.id().word()).isEqualTo(id);
        assertThat(kind.word()).isNotBlank();
        assertThat(kind.joinsPorts()).isEqualTo(joinsPorts);
        assertThat(kind.ownLists()).hasSize(ownLists);
        L fresh = kind.fresh();
        assertThat(fresh).isInstanceOf(kind.lineType()).isEqualTo(kind.fresh());
        Setting setting = Samples.setting(Practice.USUAL, MakeLog.EMPTY, kind.load(Samples.DATA));
        P plan = kind.plan(fresh, setting, Optional.empty());
        assertThat(plan).isInstanceOf(kind.planType());
        assertThat(kind.plan(fresh, setting, Optional.of(plan))).isSameAs(plan);
        Setting wet = setting.with(setting.service().withWork(Optional.of(Work.CONVERSION)));
        P moved = kind.plan(fresh, wet, Optional.of(plan));
        assertThat(moved).isNotSameAs(plan).isEqualTo(kind.plan(fresh, wet, Optional.empty()));
        assertThat(plan.stillNeeded()).isNotBlank();
        assertThat(plan.figuresOf("nobody's")).isEmpty();
    }

    /** What might mend a line. */
    public static <L extends Line, P extends Plan> List<String> mendings(Kind<L, P> kind, P plan) {
        return kind.mendings(plan).stream().map(Mending::words).toList();
    }

    /** All that a line comes to, with its tables, what it takes and what it cuts. */
    public static List<String> whole(Plan plan) {
        List<String> lines = new ArrayList<>(plan(plan));
        for (FigureTable t : plan.tables()) {
            String name = "table " + t.what();
            t.rows().forEach(r -> lines.add(name + " " + r.cells()));
            t.sum().ifPresent(s -> lines.add(name + " sum " + s));
        }
        plan.takes()
                .forEach(t -> lines.add("takes " + t.key() + " " + t.role() + " " + figure(t.need()) + " "
                        + t.end().map(LineEnd::toString).orElse("-") + " "
                        + t.each().map(Stands::figure).orElse("-")));
        plan.cuts()
                .forEach(c -> lines.add("cuts " + c.key() + " "
                        + c.used().stream()
                                .map(u -> figure(u.amount()) + " "
                                        + u.left().map(r -> figure(r.mm())).orElse("-"))
                                .toList()));
        plan.testJoints().forEach(j -> lines.add("joint " + j.id()));
        plan.unseen().finds().forEach(f -> lines.add("find " + f.id() + " " + figure(f.weight())));
        plan.unseen().parts().forEach(p -> lines.add("bag " + p.id() + " " + p.always()));
        lines.add("bench " + bench(plan.benchWords()));
        lines.add("needs " + !plan.stillNeeded().isBlank() + ", keeps " + plan.keptTests());
        lines.add("strip " + words(plan.strip()));
        for (Step s : plan.steps()) {
            plan.ownPicture(s).ifPresent(p -> lines.add("shown " + s.id() + " " + s.about() + " " + words(p)));
        }
        plan.probing().ifPresent(p -> p.consumers().forEach(c -> lines.add("probed " + c)));
        return lines;
    }

    private static String bench(BenchWords words) {
        if (words instanceof BenchWords.OnePiece p) {
            return "one " + p.toCut().map(l -> figure(l.mm())).orElse("-");
        }
        if (words instanceof BenchWords.ManyPieces p) {
            return "many " + p.pieces().map(n -> n.toString()).orElse("-") + " "
                    + figure(p.total().mm());
        }
        BenchWords.Assembled a = (BenchWords.Assembled) words;
        return said(a.first()) + ", " + said(a.second());
    }

    private static String said(BenchWords.Said said) {
        return said.value().map(f -> f.text(UnitSystem.METRIC)).orElse("-") + " of " + said.of();
    }

    /** What is written on a drawing. */
    private static String words(Drawing drawing) {
        return drawing.shapes().size() + " "
                + drawing.shapes().stream()
                        .filter(Shape.Label.class::isInstance)
                        .map(s -> ((Shape.Label) s).text())
                        .toList();
    }

    /** Every shape of a drawing, with its places. */
    public static List<String> drawing(Drawing drawing) {
        List<String> lines = new ArrayList<>(List.of("box "
                + figure(drawing.box().left()) + " "
                + figure(drawing.box().bottom()) + " " + figure(drawing.box().right()) + " "
                + figure(drawing.box().top())));
        drawing.shapes().forEach(s -> s.paint(new Painted(lines)));
        return lines;
    }

    private record Painted(List<String> lines) implements Shape.Painter<RuntimeException> {
        private static String at(Point p) {
            return figure(p.x()) + "," + figure(p.y());
        }

        private static String at(List<Point> points) {
            return points.stream().map(Painted::at).collect(Collectors.joining(" "));
        }

        @Override
        public void path(Shape.Path p) {
            lines.add("path " + p.pen() + " " + p.fill() + (p.closed() ? " closed " : " ") + at(p.points()));
        }

        @Override
        public void disc(Shape.Disc d) {
            lines.add("disc " + d.pen() + " " + d.fill() + " " + at(d.centre()) + " " + figure(d.radius()));
        }

        @Override
        public void glow(Shape.Glow g) {
            lines.add("glow " + at(g.points()));
        }

        @Override
        public void label(Shape.Label l) {
            lines.add("label " + at(l.at()) + " " + l.anchor() + " " + l.role() + " " + l.text() + " | " + l.under());
        }

        @Override
        public void dimension(Shape.Dimension d) {
            lines.add("dimension " + at(d.from()) + " " + at(d.to()) + " " + d.rank() + " " + d.text());
        }

        @Override
        public void leader(Shape.Leader l) {
            lines.add("leader " + at(l.from()) + " " + at(l.to()) + " " + l.text());
        }
    }

    /** A line changed in one place, by name, with all that it comes to. */
    public static <R> List<String> changed(Variants.Variant<R> variant, Function<R, Plan> planned) {
        List<String> lines = new ArrayList<>(List.of("changed: " + variant.name()));
        lines.addAll(whole(planned.apply(variant.value())));
        return lines;
    }

    /** Many cases, each by what it says otherwise than one of the first few, which is most like it. */
    public static List<String> apart(List<List<String>> cases) {
        List<String> lines = new ArrayList<>(cases.get(0));
        for (int i = 1; i < cases.size(); i++) {
            List<String> now = cases.get(i);
            int like = IntStream.range(0, Math.min(i, LIKE))
                    .boxed()
                    .min(Comparator.comparingInt(
                            n -> otherwise(now, cases.get(n)).size()))
                    .orElseThrow();
            lines.add("case " + i + " like " + like);
            lines.addAll(otherwise(now, cases.get(like)));
        }
        return lines;
    }

    private static List<String> otherwise(List<String> now, List<String> first) {
        Set<String> before = new HashSet<>(first);
        Set<String> spoken = now.stream().map(Stands::what).collect(Collectors.toSet());
        return Stream.concat(
                        now.stream().filter(l -> !before.contains(l)).map(l -> "+ " + l),
                        first.stream()
                                .map(Stands::what)
                                .filter(w -> !spoken.contains(w))
                                .map(w -> "- " + w))
                .toList();
    }

    /** Of whom or what a line speaks: rule or step, and part. */
    private static String what(String line) {
        return line.replaceAll("^(\\S+ \\S+).*", "$1");
    }
}
