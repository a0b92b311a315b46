package mellowflare.cli.hose;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.RouteFinder;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.hose.route.RouteTask;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import picocli.CommandLine.Command;

/** {@code route}: the way of a hose through space. */
@Command(
        name = "route",
        mixinStandardHelpOptions = true,
        description =
                "Finds the shortest way of a hose that keeps its bend radius, its length and the clocking of its elbows.",
        footer = {
            "",
            "In:   start and end: point [x,y,z], direction [x,y,z] pointing out of the port toward the hose, elbow [x,y,z] where an",
            "      elbow's outlet points; minBendRadius (centre line), endStraight, waypoints [[x,y,z]],",
            "      motion [[x,y,z]] (how far the far end moves, for each position); keepOuts: boxes {name, from [x,y,z], to [x,y,z]},",
            "      clearance (how far the centre line stays from them); units; id",
            "Out:  length, shop, tightestRadius, turning, clocking, positions, path (points), findings",
            "Example:  echo '{\"start\": {\"point\": [0,0,0], \"direction\": [0,1,0]}, \"end\": {\"point\": [300,0,0], \"direction\": [0,1,0]},"
                    + " \"minBendRadius\": 120, \"endStraight\": 40}' | ./mellow-flare route"
        })
public final class RouteCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("length", "shop", "tightestRadius", "turning", "clocking");
    /** Points of the path stand no further apart than this (mm). */
    private static final double STEP = 10;

    private static final double LONGEST_MM = 10_000;

    @Override
    public Computation computation() {
        return new Route();
    }

    private record Route() implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            Fields start = end(f, "start");
            Fields end = end(f, "end");
            Length radius =
                    within(f, "minBendRadius", f.length("minBendRadius")).orElseThrow(() -> f.missing("minBendRadius"));
            RouteTask task = RouteTask.of(pose(start), pose(end), radius)
                    .withStraight(within(f, "endStraight", f.lengthOrZero("endStraight"))
                            .orElse(Length.ZERO))
                    .through(few(f, "waypoints"))
                    .withElbows(direction(start, "elbow"), direction(end, "elbow"))
                    .moving(few(f, "motion"))
                    .around(
                            keepOuts(f),
                            within(f, "clearance", f.lengthOrZero("clearance")).orElse(Length.ZERO));
            start.nothingElse();
            end.nothingElse();
            return out(RouteFinder.find(task), units);
        }

        private static List<KeepOut> keepOuts(Fields f) throws Refused {
            List<KeepOut> boxes = new ArrayList<>();
            List<Fields> given = f.has("keepOuts") ? f.objects("keepOuts") : List.of();
            if (given.size() > RouteSketch.MOST_BOXES) {
                throw f.wrong(
                        "keepOuts", Say.it("route-command.at-most-boxes-taken", "mostboxes", RouteSketch.MOST_BOXES));
            }
            for (Fields box : given) {
                Vector from = box.space().point("from").orElseThrow(() -> box.missing("from"));
                Vector to = box.space().point("to").orElseThrow(() -> box.missing("to"));
                String name = box.text("name").orElse(Say.it("route-command.keep-out", "number", boxes.size() + 1));
                box.nothingElse();
                if (from.x() == to.x() || from.y() == to.y() || from.z() == to.z()) {
                    throw box.wrong("to", Say.it("route-command.box-has-extent-all"));
                }
                boxes.add(KeepOut.between(name, from, to));
            }
            return boxes;
        }

        private static Optional<Length> within(Fields f, String name, Optional<Length> length) throws Refused {
            if (length.filter(l -> l.mm() > LONGEST_MM).isPresent()) {
                throw f.wrong(name, Say.it("route-command.no-hose-needs-more"));
            }
            return length;
        }

        private static Fields end(Fields f, String name) throws Refused {
            if (!f.has(name)) {
                throw f.missing(name);
            }
            return f.object(name);
        }

        private static Pose pose(Fields f) throws Refused {
            Vector at = f.space().point("point").orElseThrow(() -> f.missing("point"));
            return new Pose(at, direction(f, "direction").orElseThrow(() -> f.missing("direction")));
        }

        private static Optional<Vector> direction(Fields f, String name) throws Refused {
            Optional<Vector> direction = f.space().point(name);
            if (direction.filter(d -> d.length() < 1e-9).isPresent()) {
                throw f.wrong(name, Say.it("route-command.direction-cannot-be-nothing"));
            }
            return direction;
        }

        private static List<Vector> few(Fields f, String name) throws Refused {
            List<Vector> points = f.space().points(name);
            if (points.size() > RouteSketch.MOST_PLACES) {
                throw f.wrong(
                        name, Say.it("route-command.at-most-points-taken", "mostplaces", RouteSketch.MOST_PLACES));
            }
            return points;
        }

        private static ObjectNode out(RoutePlan plan, UnitSystem units) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            plan.curve().ifPresent(c -> curve(out, c, units));
            plan.clocking().ifPresent(a -> out.put("clocking", a.degrees()));
            ArrayNode positions = out.putArray("positions");
            plan.positions().forEach(p -> p.ifPresentOrElse(l -> positions.add(l.mm()), positions::addNull));
            FindingsOut.put(out, plan.findings(), units);
            return out;
        }

        private static void curve(ObjectNode out, Curve c, UnitSystem units) {
            out.put("length", c.length());
            out.put("shop", LengthFormat.shop(Length.ofMm(c.length()), units));
            if (Double.isFinite(c.tightest())) {
                out.put("tightestRadius", c.tightest());
            }
            out.put("turning", Math.toDegrees(c.turning()));
            ArrayNode path = out.putArray("path");
            for (Pose p : c.along(STEP)) {
                path.addArray().add(p.at().x()).add(p.at().y()).add(p.at().z());
            }
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream().map(c -> r.path(c).asText("")).toList();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            text.append(Say.it("route-command.length", "length", r.path("shop").asText("none")))
                    .append('\n');
            if (r.hasNonNull("clocking")) {
                text.append(Say.it(
                        "route-command.clocking",
                        "degrees",
                        LengthFormat.decimal(r.path("clocking").asDouble(), 1, 0)));
            }
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
