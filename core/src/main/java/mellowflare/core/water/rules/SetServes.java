package mellowflare.core.water.rules;

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
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.work.WaterCase;

/** Whether any set of parts joins pipe and equipment, and whether the one that was taken still does. */
final class SetServes implements Rule<WaterCase> {
    private static final RuleText SET = new RuleText(
            "water.set",
            Severity.STOP,
            "No set of parts joins this pipe and this equipment as things stand.",
            "{set} joins them.",
            "{count} sets looked at",
            "Read beside each set why it cannot be used, and change what can be changed.",
            Source.house("sets of parts"));

    private static final RuleText TAKEN = new RuleText(
            "water.taken",
            Severity.STOP,
            "The set that was chosen cannot be used: {why}",
            "The set that was chosen can be used.",
            "as things stand",
            "Choose another set.",
            Source.house("sets of parts"));

    private static final RuleText OFFSET = new RuleText(
            "water.offset",
            Severity.WARN,
            "Nobody measured how far pipe and equipment lie out of line, and {link} needs them in line.",
            "Pipe and equipment lie {offset} out of line; {link} is good for {most}.",
            "flexible against rigid",
            "Hold a straight edge from one to the other, and measure height and sideways.",
            Source.house("rigid needs both axes in line"));

    @Override
    public List<Finding> check(WaterCase c) {
        if (c.sets().isEmpty()) {
            return List.of(Finding.notChecked(
                    SET,
                    Subject.WATER_SET,
                    c.line().material().isEmpty() ? WaterNeeds.MATERIAL : WaterNeeds.EQUIPMENT));
        }
        List<Finding> all = new ArrayList<>();
        Optional<WaterSet> set = c.set();
        all.add(Finding.of(
                set.isPresent(),
                SET,
                Subject.WATER_SET,
                Map.of(
                        "set",
                                Figure.of(set.map(s -> String.join(", ", s.parts()))
                                        .orElse("")),
                        "count", Figure.of(Integer.toString(c.sets().size())))));
        c.line()
                .taken()
                .flatMap(id -> c.sets().stream().filter(s -> s.id().equals(id)).findFirst())
                .ifPresent(s -> all.add(Finding.of(
                        s.possible(),
                        TAKEN,
                        Subject.WATER_SET,
                        Map.of("why", Figure.of(String.join(" ", s.blocked()))))));
        set.filter(s -> !s.link().flexible() || s.mostOffset().isPresent())
                .ifPresent(s -> all.add(Finding.of(
                        s.link().flexible() || c.line().offset().isPresent(),
                        OFFSET,
                        Subject.WATER_SET,
                        Map.of(
                                "link", Figure.of(s.link().name()),
                                "offset", Figure.of(c.line().offset().orElse(Length.ofMm(0))),
                                "most", s.mostOffset().map(Figure::of).orElse(Figure.of(""))))));
        return all;
    }
}
