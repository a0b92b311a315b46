package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.Source;
import mellowflare.core.text.Lists;
import mellowflare.core.thread.ThreadSeries;

/** Whether threads, class and metal of pipe and fittings go together. */
final class PipeGoesWithFittings implements Rule<PipeCase> {
    private static final RuleText THREAD = new RuleText(
            "pipe.threads-differ",
            Severity.STOP,
            "{pipe} is threaded {one} and the fittings {other}: these threads do not seal on each other.",
            "Pipe and fittings have the same thread.",
            "pitch and angle of the two threads",
            "Choose pipe and fittings of one thread.",
            Source.of("ASME B1.20.1; ISO 7-1"));

    private static final RuleText MADE = new RuleText(
            "pipe.size-not-made",
            Severity.STOP,
            "{pipe} is not made in {size}.",
            "The pipe is made in this size.",
            "{source}",
            "Choose another size or another pipe.",
            Source.house("sizes of pipe"));

    private static final RuleText CLASS = new RuleText(
            "pipe.class-wall",
            Severity.WARN,
            "Fittings of {fittings} go with wall {walls}, and the pipe is {pipe}.",
            "Class of the fittings and wall of the pipe go together.",
            "{source}",
            "Choose the class that goes with this wall, or the wall that goes with this class.",
            Source.house("class and wall"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.system().isEmpty() || c.grade().isEmpty()) {
            return List.of(Finding.notChecked(
                    THREAD, Subject.PIPE, c.system().isEmpty() ? PipeNeeds.FITTINGS : PipeNeeds.GRADE));
        }
        FittingSystem s = c.system().get();
        PipeGrade g = c.grade().get();
        List<Finding> all = new ArrayList<>();
        all.add(Finding.of(
                s.thread() == g.thread() || !c.threaded(),
                THREAD,
                Subject.PIPE,
                Map.of(
                        "pipe", Figure.of(g.name()),
                        "one", Figure.of(word(g.thread())),
                        "other", Figure.of(word(s.thread())))));
        c.line()
                .size()
                .ifPresent(size -> all.add(Finding.of(
                        c.wall().isPresent()
                                && c.data().get(PipeStock.KEY).fitting(s, size).isPresent(),
                        MADE,
                        Subject.PIPE,
                        Map.of(
                                "pipe", Figure.of(c.wall().isPresent() ? s.name() : g.name()),
                                "size", Figure.of(size),
                                "source", Figure.of(g.source().text())))));
        all.add(Finding.of(
                s.goesWith().contains(g.walls()),
                CLASS,
                Subject.PIPE,
                Map.of(
                        "fittings", Figure.of(s.name()),
                        "walls", Figure.of(Lists.or(s.goesWith())),
                        "pipe", Figure.of(g.name()),
                        "source", Figure.of(s.source().text()))));
        return all;
    }

    private static String word(ThreadSeries t) {
        return t == ThreadSeries.BSPT ? "R" : t.name();
    }
}
