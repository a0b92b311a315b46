package mellowflare.core.tube;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.SchoolTopic;
import mellowflare.core.advice.Subject;
import mellowflare.core.advice.Wording;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.Hazard;
import mellowflare.core.fluid.Work;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Tool;
import mellowflare.core.parts.ToolTable;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.stock.Bender;

/** Fills the order of work for one line of tube. What is not known yet reads as “…” so that the order can be seen early. */
final class TubeStepWriter {
    /** All words that a tube line and its ends can say of themselves. */
    static final StepWords WORDS = StepWords.of("template", "bent", "straight", "hand", "fluid-unsaid", "blankable")
            .and("trim", "first", "full", "grip", "stroke", "steps")
            .and("ends-flared", "ends-ringed", "ends-brazed", "ends-bare", "flared", "folded", "single", "nut")
            .each("", Bender.Kind.values())
            .each("fluid-", FluidGroup.values())
            .each("hazard-", Hazard.values())
            .each("work-", Work.values())
            .each("side-", Which.values())
            .each("", TubeEndKind.values());

    private final TubeCase c;
    private final Map<Which, SealAdvice> seals;
    private final List<Tool> missing;
    private final TubeStepFigures figures;

    TubeStepWriter(TubeCase c, Map<Which, SealAdvice> seals) {
        this.c = c;
        this.seals = seals;
        this.figures = new TubeStepFigures(c, seals);
        this.missing = c.data().get(ToolTable.KEY).all().stream()
                .filter(t -> c.line().here().has(t).filter(has -> !has).isPresent())
                .toList();
    }

    List<Step> write() {
        Map<Optional<Which>, Map<String, Figure>> filled = new HashMap<>();
        return placed().stream()
                .map(p -> step(
                        p.row(),
                        p.side(),
                        filled.computeIfAbsent(p.side().map(TubeSide::which), w -> figures.of(p.side()))))
                .toList();
    }

    /** The entries of all steps' tool lists. */
    Set<String> toolWords() {
        return placed().stream().flatMap(p -> p.row().tools().stream()).collect(Collectors.toSet());
    }

    private List<StepTable.Placed<TubeSide>> placed() {
        return c.data().get(TubePlan.STEPS).placed(lineWords(), block -> c.sides(), this::sideWords);
    }

    private Set<String> lineWords() {
        Set<String> words = new HashSet<>();
        boolean template = c.shape().template().isPresent();
        boolean bent = c.shape().path().filter(p -> p.bends().isEmpty()).isEmpty() && !template;
        words.add(template ? "template" : bent ? "bent" : "straight");
        words.add(c.bender().map(b -> lower(b.kind())).orElse("hand"));
        for (SchoolTopic topic : List.of(SchoolTopic.FLARE_ORDER, SchoolTopic.FLARE_CLAMP, SchoolTopic.FLARE_CLOSING)) {
            words.add(c.school(topic));
        }
        words.add("work-" + lower(c.service().work().orElse(Work.REPLACEMENT)));
        words.add("fluid-" + c.fluid().map(f -> lower(f.group())).orElse("unsaid"));
        c.fluid().stream().flatMap(f -> f.hazards().stream()).forEach(h -> words.add("hazard-" + lower(h)));
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

    private Set<String> sideWords(TubeSide side) {
        Set<String> words = new HashSet<>();
        words.add("side-" + lower(side.which()));
        side.traits().ifPresent(t -> {
            words.add(t.kind().code());
            if (t.flared()) {
                words.add("flared");
                words.add(t.kind() == TubeEndKind.BUBBLE ? "bubble" : t.layers() == 2 ? "folded" : "single");
            }
            if (t.nut() != EndTraits.Nut.NONE) {
                words.add("nut");
            }
        });
        return words;
    }

    private static String lower(Enum<?> word) {
        return word.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private Step step(StepTable.Row row, Optional<TubeSide> side, Map<String, Figure> f) {
        List<String> tools = row.tools().stream().map(t -> fill(t, f)).toList();
        String planB = missing.stream()
                .filter(m -> tools.stream().anyMatch(m::askedBy))
                .map(m ->
                        " No " + m.name() + " at hand: " + m.without(c.fluid()).says())
                .collect(Collectors.joining());
        Subject about = side.map(s ->
                        row.id().equals("fit") ? s.which().joint() : s.which().tubeEnd())
                .orElse(subject(row.id()));
        return new Step(
                side.map(s -> row.id() + "@" + s.which().end()).orElse(row.id()),
                about,
                side.map(s -> row.title() + ", end " + s.which()).orElse(row.title()),
                row.text() + planB,
                f,
                tools,
                row.hold().isEmpty() ? Optional.empty() : Optional.of(row.hold()),
                row.cutFigure() ? Step.Gate.CUT_FIGURE : Step.Gate.NONE,
                row.caution().isEmpty() ? List.of() : List.of(fill(row.caution(), f)),
                record(row, side),
                side.flatMap(s -> Optional.ofNullable(seals.get(s.which())))
                        .filter(s -> row.id().equals("fit"))
                        .map(SealAdvice::source)
                        .orElse(row.source()));
    }

    private static Subject subject(String id) {
        return switch (id) {
            case "trial", "marks", "bend", "offer" -> Subject.BENDS;
            case "measure", "cut", "trim" -> Subject.LENGTH;
            default -> Subject.LINE;
        };
    }

    private String fill(String template, Map<String, Figure> f) {
        return Wording.fill(template, f, c.units());
    }

    /** The figure to write down; left out while its target is unknown. */
    private List<RecordField> record(StepTable.Row row, Optional<TubeSide> side) {
        if (row.record().isEmpty()) {
            return List.of();
        }
        String[] parts = row.record().split(":");
        if (parts[0].equals("pressure")) {
            Optional<GaugePressure> target = switch (parts[2]) {
                case "proof" -> figures.proof();
                case "working" -> figures.working();
                case "drinkingTest" -> figures.drinkingTest();
                default -> throw new IllegalStateException("No such figure to record: " + parts[2]);
            };
            return target.map(p -> List.of(RecordField.pressure(row.id(), parts[1], p)))
                    .orElse(List.of());
        }
        if (parts[2].equals("flare")) {
            return side.flatMap(TubeSide::band)
                    .map(b -> List.of(RecordField.length(
                            row.id(),
                            parts[1],
                            b.middle(),
                            b.high().minus(b.low()).times(0.5))))
                    .orElse(List.of());
        }
        Optional<Length> target = switch (parts[2]) {
            case "cut" -> c.cut().map(x -> x.shop(c.units()));
            case "socket" -> figures.socketDepth();
            default -> throw new IllegalStateException("No such figure to record: " + parts[2]);
        };
        Length tolerance = Length.ofMm(Double.parseDouble(parts[3]));
        return target.map(t -> List.of(RecordField.length(row.id(), parts[1], t, tolerance)))
                .orElse(List.of());
    }
}
