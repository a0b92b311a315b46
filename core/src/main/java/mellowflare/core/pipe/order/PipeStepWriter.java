package mellowflare.core.pipe.order;

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
import mellowflare.core.material.Metal;
import mellowflare.core.parts.Tool;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Mouth;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;

/** Fills the order of work for one line of rigid pipe. What is not known yet reads as “…” so that the order can be seen early. */
public final class PipeStepWriter implements StepFiller.Ordered<Void> {
    /** The order of work of rigid pipe. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("pipe steps", StepTable.class);

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of pipe steps", Precedence.class);

    /** All words that rigid pipe can say of itself. */
    public static final StepWords WORDS = StepWords.of(
                    "shape-offset",
                    "shape-run",
                    "flanges",
                    "slip-on",
                    "weld-neck",
                    "threaded-flange",
                    "welded",
                    "welded-flange",
                    "sockets",
                    "union",
                    "threads",
                    "bought",
                    "in-place",
                    "galvanised",
                    "fluid-unsaid")
            .each("fluid-", FluidGroup.values())
            .each("hazard-", Hazard.values())
            .each("work-", Work.values())
            .figures(PipeStepFigures.NAMES)
            .lengths("overall", "offset", "legA")
            .pressures("proof", "working", "drinkingTest");

    private final PipeCase c;
    private final PipeStepFigures figures;
    private final StepFiller<Void> filler;

    public PipeStepWriter(PipeCase c) {
        this.c = c;
        this.figures = new PipeStepFigures(c);
        this.filler = new StepFiller<>(this, c.data().get(STEPS), c.line().here(), c.fluid(), c.units(), c.data());
    }

    /** None while there is no piece to cut: what cannot be made is not begun. */
    public List<Step> write() {
        return c.pieces().isEmpty() ? List.of() : filler.write();
    }

    /** The tools that its steps ask for. */
    public List<Tool> tools() {
        return filler.tools();
    }

    @Override
    public Set<String> words(Void side) {
        return Set.of();
    }

    @Override
    public List<Void> order(List<StepTable.Row> block) {
        return List.of();
    }

    /** Its steps are of the whole line. */
    @Override
    public LineEnd end(Void side) {
        throw new IllegalStateException("Steps of rigid pipe are of the whole line");
    }

    @Override
    public Map<String, Figure> figures(Optional<Void> side) {
        return figures.all();
    }

    @Override
    public Subject about(String step, Optional<Void> side) {
        return switch (step) {
            case "overall", "offset", "readback", "centre" -> c.isOffset() ? Subject.OFFSET : Subject.RUN;
            case "walk" -> Subject.RUN;
            case "sheet", "cut", "ream", "thread", "gauge", "bought", "leave", "measure" -> Subject.PIECES;
            case "dry",
                    "makeup",
                    "direction",
                    "push",
                    "union-first",
                    "flange",
                    "zinc",
                    "tack",
                    "tack-sockets",
                    "weld",
                    "weld-neck",
                    "weld-sockets",
                    "bolt",
                    "union" -> Subject.ASSEMBLY;
            default -> Subject.LINE;
        };
    }

    @Override
    public Optional<StepFiller.Target> target(String figure, Optional<Void> side) {
        return switch (figure) {
            case "proof" -> figures.proof().map(StepFiller.Target.AtLeast::new);
            case "working" -> figures.working().map(StepFiller.Target.AtLeast::new);
            case "drinkingTest" -> figures.drinkingTest().map(StepFiller.Target.AtLeast::new);
            case "overall" -> figures.overall().map(StepFiller.Target.Near::new);
            case "offset" -> c.sum().flatMap(s -> s.offset()).map(StepFiller.Target.Near::new);
            case "legA" -> c.sum().flatMap(s -> s.legA()).map(StepFiller.Target.Near::new);
            default -> throw new IllegalStateException("No such figure to record: " + figure);
        };
    }

    @Override
    public Set<String> words() {
        Set<String> words = new HashSet<>();
        words.add(c.isOffset() ? "shape-offset" : "shape-run");
        words.add("work-" + StepWords.word(c.service().work().orElse(Work.REPLACEMENT)));
        words.add("fluid-" + c.fluid().map(f -> StepWords.word(f.group())).orElse("unsaid"));
        c.fluid().stream().flatMap(f -> f.hazards().stream()).forEach(h -> words.add("hazard-" + StepWords.word(h)));
        if (c.setting().method(MethodTopic.PIPE_CLOSING).is("in-place")) {
            words.add("in-place");
        }
        if (c.grade().filter(g -> g.metal() == Metal.GALVANISED).isPresent()) {
            words.add("galvanised");
        }
        c.laid().ifPresent(l -> fittings(words, l));
        return words;
    }

    private static void fittings(Set<String> words, Laid laid) {
        if (laid.spools().stream().anyMatch(s -> s.bought().isPresent())) {
            words.add("bought");
        }
        for (Fitted f : laid.fittings()) {
            if (f.mouths().stream().anyMatch(m -> m.join() == Mouth.Join.THREADED)) {
                words.add("threads");
            }
            if (f.mouths().stream().anyMatch(m -> m.join() == Mouth.Join.SOCKET)) {
                words.add("sockets");
                words.add("welded");
            }
            if (f.kind() == Fitted.Kind.UNION || f.kind() == Fitted.Kind.DIELECTRIC) {
                words.add("union");
            }
            f.end().filter(EndKind::flanged).ifPresent(k -> {
                words.add("flanges");
                words.add(
                        switch (k) {
                            case SLIP_ON -> "slip-on";
                            case WELD_NECK -> "weld-neck";
                            default -> "threaded-flange";
                        });
                if (k.welded()) {
                    words.add("welded");
                    words.add("welded-flange");
                }
            });
        }
    }
}
