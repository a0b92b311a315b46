package mellowflare.core.tube.order;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.sealing.LubricantPlace;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.text.Lists;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.line.Bending;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.LeastRadius;

/** The figures that stand in the steps of a tube line. */
final class TubeStepFigures {
    private static final String OPEN = "…";
    /** Proof pressure is twice the working pressure. */
    private static final double PROOF = 2;

    private static final double DRINKING_TEST = 1.1;

    private final TubeCase c;
    private final Map<LineEnd, SealAdvice> seals;

    TubeStepFigures(TubeCase c, Map<LineEnd, SealAdvice> seals) {
        this.c = c;
        this.seals = seals;
    }

    Optional<GaugePressure> proof() {
        return working().map(w -> w.times(PROOF));
    }

    /** What a drinking water line is tested with: 1.1 times the working pressure (EN 806-4) where the local code says nothing else. */
    Optional<GaugePressure> drinkingTest() {
        return working().map(w -> w.times(DRINKING_TEST));
    }

    Optional<GaugePressure> working() {
        return c.service().working().filter(w -> w.bar() > 0);
    }

    /** Depth of a brazed socket, by method. */
    Optional<Length> socketDepth() {
        return c.tube()
                .flatMap(t -> c.method(MethodTopic.SOCKET_DEPTH).is("tube-wide")
                        ? Optional.of(t.outside())
                        : c.data().get(EndKinds.KEY).socket(t.outside()).map(EndKinds.Socket::depth));
    }

    Map<String, Figure> of(Optional<TubeSide> side) {
        Map<String, Figure> f = new TreeMap<>();
        word(f, "cut", c.cut().map(x -> LengthFormat.both(x.shop(c.units()), c.units())));
        word(f, "tube", c.tube().map(t -> capital(t.name())));
        word(
                f,
                "fluidCaution",
                Optional.of(c.fluid()
                        .map(x -> x.caution())
                        .orElse(Say.it("tube-step-figures.never-feel-for-pressurised"))));
        word(f, "fluid", c.fluid().map(x -> x.name()));
        word(f, "proof", proof().map(p -> Figure.of(p).text(c.units())));
        word(f, "working", working().map(p -> Figure.of(p).text(c.units())));
        word(f, "drinkingTest", drinkingTest().map(p -> Figure.of(p).text(c.units())));
        word(f, "nuts", Optional.of(nuts()));
        word(f, "stickOuts", Optional.of(stickOuts()));
        f.put("chamfer", Figure.of(chamfer()));
        word(f, "marks", Optional.of(marks()));
        word(f, "bends", Optional.of(bends()));
        word(
                f,
                "markWanted",
                c.bender()
                        .map(b -> Say.it(
                                "tube-step-figures.at-bender-s-line",
                                "mark",
                                b.mark().words())));
        word(f, "radius", c.radius().map(r -> LengthFormat.figure(r, c.units())));
        word(
                f,
                "leastRadius",
                c.radius()
                        .or(() -> c.tube().map(t -> LeastRadius.of(t).radius()))
                        .map(r -> LengthFormat.figure(r, c.units())));
        word(
                f,
                "leave",
                Optional.of(LengthFormat.figure(c.b().takes().plus(c.line().squareUp()), c.units())));
        word(
                f,
                "flareEasing",
                Optional.of(c.data()
                        .get(Lubricants.KEY)
                        .of(LubricantPlace.FLARING_CONE, c.fluid(), c.practice())
                        .text()));
        word(
                f,
                "clamp",
                Optional.of(
                        c.method(MethodTopic.FLARE_CLAMP).is("full")
                                ? Say.it("tube-step-figures.bar-closed-fully")
                                : Say.it("tube-step-figures.bar-just-gripped-watched")));
        word(
                f,
                "closing",
                Optional.of(
                        c.method(MethodTopic.FLARE_CLOSING).is("stroke")
                                ? Say.it("tube-step-figures.one-stroke-stop")
                                : Say.it("tube-step-figures.small-steps-with-look")));
        word(
                f,
                "spacing",
                c.tube()
                        .flatMap(t -> c.data().get(Benders.KEY).spacing(t.outside()))
                        .map(l -> LengthFormat.figure(l, c.units())));
        word(f, "socket", socketDepth().map(l -> LengthFormat.figure(l, c.units())));
        word(
                f,
                "gap",
                c.tube()
                        .flatMap(t -> c.data().get(EndKinds.KEY).socket(t.outside()))
                        .map(s -> Say.it(
                                "tube-step-figures.gap",
                                "gapLow",
                                LengthFormat.figure(s.gapLow(), c.units()),
                                "gapHigh",
                                LengthFormat.figure(s.gapHigh(), c.units()))));
        side.ifPresent(s -> sideFigures(f, s));
        return f;
    }

    private void sideFigures(Map<String, Figure> f, TubeSide s) {
        Optional<SealAdvice> seal = Optional.ofNullable(seals.get(s.which()));
        f.put("which", Figure.of(s.which().name()));
        word(
                f,
                "port",
                Optional.of(s.port().place()
                        + s.port()
                                .port()
                                .map(End::brief)
                                .map(b -> " (" + b + ")")
                                .orElse("")));
        word(f, "nutWay", Optional.of(nutWay(s)));
        word(f, "stick", s.stickOut().map(l -> LengthFormat.figure(l, c.units())));
        word(
                f,
                "band",
                s.band()
                        .map(b -> Say.it(
                                "tube-step-figures.band",
                                "low",
                                LengthFormat.figure(b.low(), c.units()),
                                "high",
                                LengthFormat.figure(b.high(), c.units()))));
        word(f, "sealsOn", seal.map(x -> x.sealsOn().words()));
        word(f, "putOn", seal.map(x -> Lists.and(x.putOn())));
        word(f, "sealEasing", seal.map(SealAdvice::lubricant));
        word(f, "tighten", seal.map(SealAdvice::tighten).map(TubeStepFigures::capital));
    }

    private static void word(Map<String, Figure> f, String name, Optional<String> text) {
        f.put(name, Figure.of(text.filter(t -> !t.isEmpty()).orElse(OPEN)));
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private String nuts() {
        return c.sides().stream()
                .map(s -> Say.it(
                        "tube-step-figures.end",
                        "which",
                        s.which(),
                        "traits",
                        s.traits().map(EndTraits::name).orElse(OPEN),
                        "port",
                        s.part().map(End::brief).orElse("none"),
                        "sleeve",
                        s.traits().filter(EndTraits::sleeve).isPresent() ? "yes" : "no"))
                .collect(Collectors.joining(" "));
    }

    private static String nutWay(TubeSide s) {
        return s.traits()
                .map(t -> switch (s.nutKind()) {
                    case FEMALE ->
                        t.made() == EndTraits.Made.RINGED
                                ? Say.it("tube-step-figures.nut-goes-on-with")
                                : t.sleeve()
                                        ? Say.it("tube-step-figures.nut-goes-on-with-2")
                                        : Say.it("tube-step-figures.nut-goes-on-with-3");
                    case MALE -> Say.it("tube-step-figures.nut-goes-on-with-4");
                    case NONE -> "";
                })
                .orElse(Say.it("tube-step-figures.nut-goes-on-with-3"));
    }

    private String stickOuts() {
        String all = c.sides().stream()
                .filter(s -> s.traits().filter(EndTraits::flared).isPresent())
                .map(s -> Say.it(
                        "tube-step-figures.stick-out",
                        "stickOut",
                        s.stickOut().map(l -> LengthFormat.figure(l, c.units())).orElse(OPEN),
                        "tool",
                        s.tool().map(FlareTool::name).orElse(Say.it("tube-step-figures.flaring-tool"))))
                .distinct()
                .collect(Collectors.joining("; "));
        return all.isEmpty() ? OPEN : all;
    }

    private String chamfer() {
        return c.sides().stream()
                        .anyMatch(s -> s.traits().filter(t -> t.layers() == 2).isPresent())
                ? Say.it("tube-step-figures.for-folded-flare-chamfer")
                : "";
    }

    private String marks() {
        List<BendMark> marks = c.marks(LineEnd.A);
        return marks.stream()
                .map(m -> Say.it(
                        "tube-step-figures.bend-at",
                        "degrees",
                        m.bend() + 1,
                        "shop",
                        LengthFormat.shop(m.at(c.markWanted()), c.units()),
                        "mark",
                        c.markWanted().words()))
                .collect(Collectors.joining(", "));
    }

    private String bends() {
        List<Bending> bends = c.bendings(LineEnd.A);
        return bends.isEmpty()
                ? OPEN
                : bends.stream()
                        .map(b -> Say.it(
                                "tube-step-figures.bend-turned-round-line",
                                "number",
                                b.number(),
                                "ambient",
                                Figure.of(b.mark().ambient()).text(c.units()),
                                "bend",
                                b.asMade(c.units())))
                        .collect(Collectors.joining("; "));
    }
}
