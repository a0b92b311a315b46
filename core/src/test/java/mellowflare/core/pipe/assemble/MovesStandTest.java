package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.Stands;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.PipeSamples;
import mellowflare.core.pipe.layout.Box;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.space.Laid;
import org.junit.jupiter.api.Test;

/** Runs of many kinds: in what order they go together, where unions must stand, and how each part comes out again. */
class MovesStandTest {
    private static RunAsk run(String... calls) {
        return PipeSamples.run(calls).run();
    }

    private static Box box(String name, double x, double y, double z, double wide, double deep, double high) {
        return new Box(name, new Vector(x, y, z), new Vector(x + wide, y + deep, z + high));
    }

    private static Map<String, RunAsk> runs() {
        Map<String, RunAsk> all = new LinkedHashMap<>();
        all.put("a corner", run("p: up 1 m", "q: ahead 800", "c: cap"));
        all.put("two ports", run("p: up 1 m", "q: ahead 800", "r: up 300", "end: to port"));
        all.put("a union", run("p: up 500", "u: union", "s: up 500", "v: valve", "q: up 400", "end: to port"));
        all.put(
                "a tee",
                run("p: up 1 m", "t: tee right to tap", "q: up 500", "c: cap", "from tap", "k: right 400", "e: cap"));
        all.put("a flange", run("p: up 1 m", "flange slip-on", "r: up 300", "end: to port"));
        all.put("a flexible piece", run("p: up 1 m", "flex", "r: up 300", "end: to port"));
        all.put("reduced", run("p: up 1 m", "reducer to 3/4", "q: up 500", "turn: ahead 400", "c: cap"));
        all.put("a bushing", run("p: up 1 m", "q: ahead 500", "bushing to 3/4", "s: ahead 300", "c: cap"));
        all.put(
                "a valve by a wall",
                run("p: up 1 m", "v: valve", "q: up 800", "c: cap")
                        .withBoxes(List.of(box("wall", -2000, 60, -100, 4000, 140, 3100))));
        all.put(
                "by a wall",
                run("p: up 1 m", "q: ahead 800", "c: cap")
                        .withBoxes(List.of(box("wall", -200, -2000, -100, 170, 4000, 3100))));
        all.put(
                "by a wall, between ports",
                run("p: up 500", "union", "s: up 500", "q: ahead 800", "end: to port")
                        .withBoxes(List.of(box("wall", -200, -2000, -100, 170, 4000, 3100))));
        all.put(
                "with a post",
                run("p: up 1 m", "q: ahead 800", "r: left 300", "c: cap")
                        .withBoxes(List.of(box("post", -50, 390, 0, 100, 110, 3000))));
        all.put(
                "back and forth",
                run("a: up 300", "b: ahead 120", "c: down 200", "d: ahead 120", "e: up 250", "f: cap"));
        all.put(
                "a swing joint",
                run("a: up 300", "b: ahead 150", "c: left 150", "d: up 150", "u: union", "e: up 200", "end: to port"));
        all.put(
                "plugs and bushings",
                run(
                        "p: up 500",
                        "t: tee right to tap",
                        "q: up 400",
                        "s: tee left to drain",
                        "r: up 300",
                        "c: cap",
                        "from tap",
                        "b: bushing to 1/2",
                        "k: right 300",
                        "e: cap",
                        "from drain",
                        "g: plug"));
        all.put("a valve that is plugged", run("p: up 500", "v: valve", "g: plug"));
        return all;
    }

    private static String said(AssemblyStep s) {
        return s.parts() + " onto " + s.onto() + " by " + s.joint() + " swings "
                + Stands.figure(s.swing().mm()) + (s.handleOff() ? " lever off" : "")
                + (s.closes().isEmpty() ? "" : " closes " + s.closes());
    }

    @Test
    void testMovesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        runs().forEach((name, ask) -> {
            PipeCase c = PipeSamples.of(PipeSamples.run(ask));
            Assembly a = c.assembly();
            lines.add(name);
            Laid laid = c.laid().orElseThrow();
            for (int i = 0; i < a.steps().size(); i++) {
                AssemblyStep s = a.steps().get(i);
                lines.add("  " + said(s));
                lines.add("    " + AssemblyWords.of(i + 1, s, laid, UnitSystem.METRIC));
                lines.add("    " + AssemblyWords.out(i + 1, s, laid, UnitSystem.INCH));
            }
            lines.add("  stuck " + a.stuck() + ", nowhere " + a.nowhere());
            a.blocked().forEach(b -> lines.add("  blocked " + b));
            a.unions()
                    .forEach(u -> lines.add("  union in " + u.piece() + " for " + Stands.figure(u.price()) + ", makes "
                            + u.makes() + ", calls " + u.ask().pieces().size()));
            TakeOffs take = new TakeOffs(c.parts());
            List<String> parts = new ArrayList<>(a.stuck());
            a.steps().forEach(s -> parts.addAll(s.parts()));
            parts.add("nobody's");
            for (String part : parts) {
                lines.add("  out " + part + ": "
                        + Assembly.takeOut(ask, laid, take, part)
                                .map(all -> all.stream()
                                        .map(x -> x.parts() + " by " + x.joint())
                                        .toList()
                                        .toString())
                                .orElse("never"));
            }
        });
        Stands.as(getClass(), "moves.txt", lines);
    }
}
