package mellowflare.core.hose.order;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.Cutting;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.Attachments;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Ferrule;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.Tool;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.sealing.LubricantPlace;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.text.Lists;

/** Fills the order of work for one line. What is not known yet reads as “…” so that the order can be seen early. */
public final class HoseStepWriter implements StepFiller.Ordered<Side> {
    /** The order of work of hose lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("hose steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of hose steps", Precedence.class);

    /** All words that a hose line and its ends can say of themselves. */
    public static final StepWords WORDS = StepWords.of(
                    "made", "whole", "braid", "plain", "wheel", "shears", "hacksaw", "knife", "meet", "gap", "once",
                    "twice")
            .and("fluid-unsaid", "panel-first", "any-crimped", "two-elbows", "fixing-unsaid", "second-elbow", "at-once")
            .and("last-fit", "adapted", "boss-elbow", "cone", "thread", "ring", "barb")
            .each("fluid-", FluidGroup.values())
            .each("hazard-", Hazard.values())
            .each("work-", Work.values())
            .each("side-", LineEnd.values())
            .each("", Attach.values())
            .figures(
                    "adapterSeals",
                    "adapters",
                    "barbEasing",
                    "butts",
                    "clock",
                    "collar",
                    "collars",
                    "crimp",
                    "cut",
                    "die",
                    "easing",
                    "fluid",
                    "fluidCaution",
                    "gap",
                    "hexes",
                    "hose",
                    "hoseOverall",
                    "insertion",
                    "inspect",
                    "onto",
                    "overall",
                    "partA",
                    "partB",
                    "port",
                    "proof",
                    "putOn",
                    "sealEasing",
                    "sealsOn",
                    "taken",
                    "tighten",
                    "tolerance",
                    "which")
            .lengths("cut", "hoseOverall", "gap", "crimp")
            .pressures("proof");

    private static final String OPEN = StepFiller.OPEN;
    /** Nobody has said how an end is fixed: what follows cannot be known. */
    private static final String FIXING = "fixing";

    private static final String FIT = "fit";

    /** Proof pressure is twice the working pressure (SAE J343). */
    private static final double PROOF = 2;

    private final HoseCase c;
    private final Map<LineEnd, SealAdvice> seals;
    private final StepFiller<Side> filler;

    public HoseStepWriter(HoseCase c, Map<LineEnd, SealAdvice> seals) {
        this.c = c;
        this.seals = seals;
        this.filler = new StepFiller<>(this, c.data().get(STEPS), c.here(), c.fluid(), c.units(), c.data());
    }

    public List<Step> write() {
        return filler.write();
    }

    /** The tools that its steps ask for. */
    public List<Tool> tools() {
        return filler.tools();
    }

    @Override
    public boolean endsAfter(String step) {
        return step.equals(FIXING);
    }

    @Override
    public LineEnd end(Side side) {
        return side.which();
    }

    @Override
    public Subject about(String step, Optional<Side> side) {
        return side.map(s -> step.equals(FIT) ? s.which().joint() : s.which().hoseEnd())
                .orElse(Subject.LINE);
    }

    @Override
    public Optional<Source> source(String step, Optional<Side> side) {
        return side.filter(s -> step.equals(FIT))
                .flatMap(s -> Optional.ofNullable(seals.get(s.which())))
                .map(SealAdvice::source);
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Side> side) {
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        return switch (figure) {
            case "proof" -> proof().map(StepFiller.Target.AtLeast::new);
            case "cut" -> cut.map(x -> new StepFiller.Target.Near(x.shop(c.units())));
            case "hoseOverall" ->
                cut.map(x -> new StepFiller.Target.Within(
                        new LengthBand(x.hoseOverall(), x.hoseOverall()).widened(x.tolerance())));
            case "gap" -> side.flatMap(Side::part).flatMap(HoseEndPart::gap).map(StepFiller.Target.Near::new);
            case "crimp" -> side.flatMap(this::crimp).map(StepFiller.Target.Near::new);
            default -> throw new IllegalStateException("No such figure to record: " + figure);
        };
    }

    /** Ends are made up A first; they are fitted fixed thread first, so that only a swivel is tightened with the hose held. */
    @Override
    public List<Side> order(List<StepTable.Row> block) {
        return block.stream().anyMatch(r -> r.id().equals(FIT)) ? fitted() : c.sides();
    }

    private List<Side> fitted() {
        boolean bFixed = c.b().part().isPresent() && !c.b().turns();
        return bFixed ? List.of(c.b(), c.a()) : c.sides();
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        Methods methods = c.data().get(Methods.KEY);
        words.add(c.whole() ? "whole" : "made");
        words.add(c.traits().map(t -> t.braid()).orElse(true) ? "braid" : "plain");
        Cutting.way(c).ifPresent(words::add);
        for (MethodTopic topic : List.of(MethodTopic.BRAID_CLOSING, MethodTopic.BARRIER_PRESS)) {
            words.add(methods.chosen(topic, c.practice()).id());
        }
        words.add("fluid-" + c.fluid().map(f -> StepWords.word(f.group())).orElse("unsaid"));
        words.add("work-" + c.service().work().orElse(Work.REPLACEMENT).name().toLowerCase(Locale.ROOT));
        c.fluid().stream()
                .flatMap(f -> f.hazards().stream())
                .forEach(h ->
                        words.add("hazard-" + h.name().toLowerCase(Locale.ROOT).replace('_', '-')));
        if (PanelOrder.hoseFirst(c)) {
            words.add("panel-first");
        }
        if (c.sides().stream().anyMatch(s -> attach(s).filter(Attach::pressed).isPresent())) {
            words.add("any-crimped");
        }
        if (c.twoElbows()) {
            words.add("two-elbows");
        }
        return words;
    }

    private static Optional<Attach> attach(Side side) {
        return side.part().flatMap(HoseEndPart::attach);
    }

    @Override
    public Set<String> words(Side side) {
        Set<String> words = new HashSet<>();
        words.add("side-" + side.which().name().toLowerCase(Locale.ROOT));
        attach(side)
                .ifPresent(how -> words.add(how.name().toLowerCase(Locale.ROOT).replace('_', '-')));
        if (side.part().isPresent() && attach(side).isEmpty()) {
            words.add("fixing-unsaid");
        }
        words.add(side.which() == LineEnd.B && c.twoElbows() ? "second-elbow" : "at-once");
        if (side.equals(fitted().get(1))) {
            words.add("last-fit");
        }
        if (!side.adapters().isEmpty()) {
            words.add("adapted");
        }
        if (side.adapters().stream().anyMatch(HoseStepWriter::bossElbow)) {
            words.add("boss-elbow");
        }
        side.seat()
                .ifPresent(seat -> words.add(
                        switch (seat.sealPlace()) {
                            case CONE, SLEEVE -> "cone";
                            case THREAD_FLANKS -> "thread";
                            case RING_IN_HOUSING, RING_IN_FACE, WASHER, RING_ON_PILOT, RING_AROUND_TUBE -> "ring";
                            case BARBS -> "barb";
                        }));
        return words;
    }

    @Override
    public Map<String, Figure> figures(Optional<Side> side) {
        Map<String, Figure> f = new TreeMap<>();
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        f.put(
                "cut",
                Figure.of(cut.map(x -> LengthFormat.both(x.shop(c.units()), c.units()))
                        .orElse(OPEN)));
        f.put("overall", shop(c.finished().map(x -> x.value())));
        f.put("hoseOverall", shop(cut.map(CutLength::hoseOverall)));
        f.put("taken", shop(c.whole() ? c.wholeLength() : Optional.empty()));
        f.put("collars", Figure.of(ferrules()));
        f.put("butts", Figure.of(butts()));
        f.put("tolerance", figure(cut.map(CutLength::tolerance)));
        f.put("hose", Figure.of(c.hose().map(h -> h.part()).orElse(OPEN)));
        f.put("partA", Figure.of(c.a().part().map(HoseEndPart::part).orElse(OPEN)));
        f.put("partB", Figure.of(c.b().part().map(HoseEndPart::part).orElse(OPEN)));
        f.put("fluid", Figure.of(c.fluid().map(x -> x.name()).orElse(Say.it("hose-step-writer.fluid-that-will-run"))));
        f.put(
                "fluidCaution",
                Figure.of(
                        c.fluid().map(x -> x.caution()).orElse(Say.it("hose-step-writer.never-feel-for-pressurised"))));
        f.put("proof", proof().map(Figure::of).orElse(Figure.of(OPEN)));
        f.put("clock", c.clockAngle().map(Figure::of).orElse(Figure.of(OPEN)));
        f.put("easing", Figure.of(eased(LubricantPlace.HOSE_END)));
        side.ifPresent(s -> sideFigures(f, s));
        return f;
    }

    private void sideFigures(Map<String, Figure> f, Side s) {
        Optional<HoseEndPart> part = s.part();
        Optional<SealAdvice> seal = Optional.ofNullable(seals.get(s.which()));
        f.put("which", Figure.of(s.which().name()));
        f.put(
                "port",
                Figure.of(s.place()
                        + s.port().map(End::brief).map(b -> " (" + b + ")").orElse("")));
        f.put(
                "onto",
                Figure.of(
                        s.adapters().isEmpty()
                                ? s.place()
                                        + s.port()
                                                .map(End::brief)
                                                .map(b -> " (" + b + ")")
                                                .orElse("")
                                : s.adapters()
                                        .get(s.adapters().size() - 1)
                                        .part()
                                        .part()));
        f.put(
                "adapters",
                Figure.of(s.adapters().stream().map(x -> x.part().part()).collect(Collectors.joining(", then "))));
        f.put("adapterSeals", Figure.of(adapterSeals(s)));
        f.put("collar", Figure.of(part.flatMap(HoseEndPart::ferrule).orElse(OPEN)));
        f.put(
                "die",
                Figure.of(part.flatMap(HoseEndPart::ferrule)
                        .flatMap(c.data().get(Catalogue.KEY)::ferrule)
                        .map(Ferrule::die)
                        .filter(d -> !d.isEmpty())
                        .orElse(OPEN)));
        f.put(
                "inspect",
                Figure.of(part.flatMap(HoseEndPart::attach)
                        .map(a -> c.data().get(Attachments.KEY).of(a).inspect())
                        .orElse(OPEN)));
        f.put("barbEasing", Figure.of(eased(LubricantPlace.BARB)));
        f.put("sealEasing", Figure.of(seal.map(SealAdvice::lubricant).orElse(OPEN)));
        f.put("insertion", figure(part.flatMap(HoseEndPart::insertion)));
        f.put("gap", figure(part.flatMap(HoseEndPart::gap)));
        f.put("crimp", figure(crimp(s)));
        f.put("hexes", Figure.of(part.map(p -> Lists.and(p.hexes())).orElse(OPEN)));
        f.put("sealsOn", Figure.of(seal.map(x -> x.sealsOn().words()).orElse(OPEN)));
        f.put("putOn", Figure.of(seal.map(x -> Lists.and(x.putOn())).orElse(OPEN)));
        f.put(
                "tighten",
                Figure.of(seal.map(SealAdvice::tighten)
                        .map(HoseStepWriter::capital)
                        .orElse(OPEN)));
    }

    /** Where the hose butts in its ends: said once when both are alike. */
    private String butts() {
        String all = c.sides().stream()
                .flatMap(s -> s.part().flatMap(HoseEndPart::attach).stream())
                .map(a -> c.data().get(Attachments.KEY).of(a).butts())
                .distinct()
                .collect(Collectors.joining("; "));
        return all.isEmpty() ? OPEN : all;
    }

    private String ferrules() {
        String all = c.sides().stream()
                .flatMap(s -> s.part().flatMap(HoseEndPart::ferrule).stream())
                .distinct()
                .collect(Lists.joinedByAnd());
        return all.isEmpty() ? "" : ", " + all;
    }

    /** An elbow that is pointed before its jam nut is tightened: nothing else may tighten it. */
    private static boolean bossElbow(Fitted f) {
        return !f.part().straight() && f.seat().filter(Seat.PORT_ORING::equals).isPresent();
    }

    private String adapterSeals(Side s) {
        return s.adapters().stream().map(this::adapterSeal).collect(Collectors.joining(" "));
    }

    private String adapterSeal(Fitted f) {
        String part = f.part().part();
        return f.seat()
                .flatMap(seat -> c.data().get(Sealing.KEY).advise(f.on(), seat, c.fluid(), c.practice(), c.data()))
                .map(a -> bossElbow(f)
                        ? Say.it("hose-step-writer.by-hand-only-pointed", "part", part, "ends", Lists.and(a.putOn()))
                        : part + ": " + Lists.and(a.putOn()) + "; " + a.tighten() + ".")
                .orElse(Say.it("hose-step-writer.how-seals-not-settled", "part", part));
    }

    private String eased(LubricantPlace place) {
        return c.data().get(Lubricants.KEY).of(place, c.fluid(), c.practice()).text();
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private Optional<Length> crimp(Side s) {
        return s.part()
                .flatMap(p ->
                        c.hose().flatMap(h -> Optional.ofNullable(p.crimp().get(h.kind()))));
    }

    private Optional<GaugePressure> proof() {
        return c.service().working().filter(w -> w.bar() > 0).map(w -> w.times(PROOF));
    }

    private Figure figure(Optional<Length> length) {
        return length.map(Figure::of).orElse(Figure.of(OPEN));
    }

    private Figure shop(Optional<Length> length) {
        return Figure.of(length.map(l -> LengthFormat.both(l, c.units())).orElse(OPEN));
    }
}
