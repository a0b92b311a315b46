package mellowflare.core.tube.order;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.fluid.Work;
import mellowflare.core.line.StepFiller;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.parts.Tool;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Bender;

/** Fills the order of work for one line of tube. What is not known yet reads as “…” so that the order can be seen early. */
public final class TubeStepWriter implements StepFiller.Ordered<TubeSide> {
    /** The order of work of tube lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("tube steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of tube steps", Precedence.class);

    /** All words that a tube line and its ends can say of themselves. */
    public static final StepWords WORDS = StepWords.of(
                    "template", "bent", "straight", "hand", "fluid-unsaid", "blankable")
            .and("trim", "first", "full", "grip", "stroke", "steps")
            .and("ends-flared", "ends-ringed", "ends-brazed", "ends-bare", "flared", "double", "single", "nut")
            .each("", Bender.Kind.values())
            .each("fluid-", FluidGroup.values())
            .each("hazard-", Hazard.values())
            .each("work-", Work.values())
            .each("side-", LineEnd.values())
            .each("", TubeEndKind.values())
            .figures(
                    "band",
                    "bends",
                    "chamfer",
                    "clamp",
                    "closing",
                    "cut",
                    "drinkingTest",
                    "flareEasing",
                    "fluid",
                    "fluidCaution",
                    "gap",
                    "leastRadius",
                    "leave",
                    "markWanted",
                    "marks",
                    "nutWay",
                    "nuts",
                    "port",
                    "proof",
                    "putOn",
                    "radius",
                    "sealEasing",
                    "sealsOn",
                    "socket",
                    "spacing",
                    "stick",
                    "stickOuts",
                    "tighten",
                    "tube",
                    "which",
                    "working")
            .lengths("cut", "socket", "flare")
            .pressures("proof", "working", "drinkingTest");

    private static final String FIT = "fit";

    private final TubeCase c;
    private final Map<LineEnd, SealAdvice> seals;
    private final TubeStepFigures figures;
    private final StepFiller<TubeSide> filler;

    public TubeStepWriter(TubeCase c, Map<LineEnd, SealAdvice> seals) {
        this.c = c;
        this.seals = seals;
        this.figures = new TubeStepFigures(c, seals);
        this.filler = new StepFiller<>(this, c.data().get(STEPS), c.line().here(), c.fluid(), c.units(), c.data());
    }

    public List<Step> write() {
        return filler.write();
    }

    /** The tools that its steps ask for. */
    public List<Tool> tools() {
        return filler.tools();
    }

    @Override
    public List<TubeSide> order(List<StepTable.Row> block) {
        return c.sides();
    }

    @Override
    public LineEnd end(TubeSide side) {
        return side.which();
    }

    @Override
    public Map<String, Figure> figures(Optional<TubeSide> side) {
        return figures.of(side);
    }

    @Override
    public Subject about(String step, Optional<TubeSide> side) {
        return side.map(s -> step.equals(FIT) ? s.which().joint() : s.which().tubeEnd())
                .orElse(subject(step));
    }

    @Override
    public Optional<Source> source(String step, Optional<TubeSide> side) {
        return side.filter(s -> step.equals(FIT))
                .flatMap(s -> Optional.ofNullable(seals.get(s.which())))
                .map(SealAdvice::source);
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<TubeSide> side) {
        return switch (figure) {
            case "proof" -> figures.proof().map(StepFiller.Target.AtLeast::new);
            case "working" -> figures.working().map(StepFiller.Target.AtLeast::new);
            case "drinkingTest" -> figures.drinkingTest().map(StepFiller.Target.AtLeast::new);
            case "flare" ->
                side.flatMap(TubeSide::band)
                        .map(b -> new StepFiller.Target.Within(new LengthBand(b.middle(), b.middle())
                                .widened(b.high().minus(b.low()).times(0.5))));
            case "cut" -> c.cut().map(x -> new StepFiller.Target.Near(x.shop(c.units())));
            case "socket" -> figures.socketDepth().map(StepFiller.Target.Near::new);
            default -> throw new IllegalStateException("No such figure to record: " + figure);
        };
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        boolean template = c.shape().template().isPresent();
        boolean bent = c.shape().path().filter(p -> p.bends().isEmpty()).isEmpty() && !template;
        words.add(template ? "template" : bent ? "bent" : "straight");
        words.add(c.bender().map(b -> StepWords.word(b.kind())).orElse("hand"));
        for (MethodTopic topic : List.of(MethodTopic.FLARE_ORDER, MethodTopic.FLARE_CLAMP, MethodTopic.FLARE_CLOSING)) {
            words.add(c.method(topic).id());
        }
        words.add("work-" + StepWords.word(c.service().work().orElse(Work.REPLACEMENT)));
        words.add("fluid-" + c.fluid().map(f -> StepWords.word(f.group())).orElse("unsaid"));
        c.fluid().stream().flatMap(f -> f.hazards().stream()).forEach(h -> words.add("hazard-" + StepWords.word(h)));
        if (c.sides().stream()
                .noneMatch(s -> s.traits()
                        .filter(t -> t.made() == EndTraits.Made.BRAZED || t.made() == EndTraits.Made.BARE)
                        .isPresent())) {
            words.add("blankable");
        }
        for (TubeSide s : c.sides()) {
            s.traits()
                    .ifPresent(t -> words.add(
                            switch (t.made()) {
                                case FLARED, FORMED -> "ends-flared";
                                case RINGED -> "ends-ringed";
                                case BRAZED -> "ends-brazed";
                                case BARE -> "ends-bare";
                            }));
        }
        return words;
    }

    @Override
    public Set<String> words(TubeSide side) {
        Set<String> words = new HashSet<>();
        words.add("side-" + StepWords.word(side.which()));
        side.traits().ifPresent(t -> {
            words.add(t.kind().code());
            if (t.flared()) {
                words.add("flared");
                words.add(t.kind() == TubeEndKind.BUBBLE ? "bubble" : t.layers() == 2 ? "double" : "single");
            }
            if (t.nut() != EndTraits.Nut.NONE) {
                words.add("nut");
            }
        });
        return words;
    }

    private static Subject subject(String id) {
        return switch (id) {
            case "trial", "marks", "bend", "offer" -> Subject.BENDS;
            case "measure", "cut", "trim" -> Subject.LENGTH;
            default -> Subject.LINE;
        };
    }
}
