package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Whether it is known what every fitting takes. */
final class FittingsTake implements Rule<PipeCase> {
    private static final RuleText ANGLE = new RuleText(
            "pipe.angle",
            Severity.STOP,
            "No fitting in these tables turns by {angle} in {size}.",
            "There is a fitting for every turn.",
            "{system}",
            "Measure the fitting at hand from centre to end and enter it, or take another angle.",
            Source.house("what fittings take is measured or tabled"));

    private static final RuleText PART = new RuleText(
            "pipe.part-unknown",
            Severity.WARN,
            "No table here gives what the {part} takes.",
            "It is known what every part takes.",
            "{system}",
            "Measure the part at hand and enter it: centre to end, or its length.",
            Source.house("what fittings take is measured or tabled"));

    private static final RuleText GUESSED = new RuleText(
            "pipe.part-typical",
            Severity.NOTE,
            "The length of the {part} is of common parts: no standard fixes it.",
            "Every length is tabled or measured.",
            "{source}",
            "Measure the part at hand and enter it before the pieces beside it are cut.",
            Source.house("what fittings take is measured or tabled"));

    private static final RuleText UNCONFIRMED = new RuleText(
            "pipe.part-unconfirmed",
            Severity.NOTE,
            "What the {part} takes is not checked against its printed standard here.",
            "Every figure is checked or measured.",
            "{source}",
            "Measure the part at hand and enter it before the pieces beside it are cut.",
            Source.house("what fittings take is measured or tabled"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.system().isEmpty() || c.line().size().isEmpty()) {
            return List.of(
                    Finding.notChecked(PART, Subject.PIPE, c.system().isEmpty() ? PipeNeeds.FITTINGS : PipeNeeds.SIZE));
        }
        List<PartKey> used = used(c);
        List<Finding> all = new ArrayList<>();
        for (PartKey p : used) {
            Optional<Off> face = c.parts().face(p);
            Map<String, Figure> figures = Map.of(
                    "part", Figure.of(p.name()),
                    "angle", Figure.of(p.angle()),
                    "size", Figure.of(p.size()),
                    "system", Figure.of(c.system().get().name()),
                    "source", Figure.of(face.map(f -> f.source().text()).orElse("")));
            if (face.isEmpty()) {
                all.add(Finding.fail(p.kind() == PartKind.ELBOW ? ANGLE : PART, Subject.PIPE, figures));
            } else if (face.get().source().confidence() == Confidence.UNCONFIRMED) {
                all.add(Finding.fail(standard(p.kind()) ? UNCONFIRMED : GUESSED, Subject.PIPE, figures));
            }
        }
        return all.isEmpty()
                ? List.of(Finding.pass(
                        PART,
                        Subject.PIPE,
                        Map.of("system", Figure.of(c.system().get().name()))))
                : all;
    }

    /** Whether a standard fixes what such a part takes. */
    private static boolean standard(PartKind kind) {
        return switch (kind) {
            case ELBOW, TEE, CROSS, COUPLING, REDUCER, CAP, FLANGE -> true;
            default -> false;
        };
    }

    private static List<PartKey> used(PipeCase c) {
        return c.laid()
                .map(l -> l.fittings().stream()
                        .flatMap(f -> f.part().stream())
                        .distinct()
                        .toList())
                .orElseGet(() -> c.isOffset()
                        ? List.of(PartKey.elbow(
                                c.line().offset().fitting(), c.line().size().get()))
                        : List.of());
    }
}
