package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.HighestPressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.space.Spool;
import mellowflare.core.pipe.stock.PipeWall;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadTable;

/** Whether the wall, under its thread where it has one, carries the pressure. */
final class WallHolds implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.wall",
            Severity.STOP,
            "The wall of size {size} ({pipe}) is good for {allowed}, {wanted} needed ({what}).",
            "The wall of size {size} ({pipe}) is good for {allowed}, enough for {wanted} ({what}).",
            "wall less mill tolerance and, where it is threaded, depth of thread, with the allowable stress of the code",
            "Use pipe with a thicker wall.",
            new Source("ASME B31.3 304.1.2 with the thread taken off", Confidence.TYPICAL));

    private static final RuleText HOT = new RuleText(
            "pipe.wall-hot",
            Severity.STOP,
            "The stress behind {pipe} holds up to {limit}; the line runs at {temperature}.",
            "The stress behind {pipe} holds at this temperature.",
            "allowable stress of the code",
            "Have the pipe rated for this temperature by whoever is responsible for the plant.",
            Source.house("stress against temperature"));

    @Override
    public List<Finding> check(PipeCase c) {
        List<Need> lacks = new ArrayList<>();
        if (c.grade().isEmpty()) {
            lacks.add(PipeNeeds.GRADE);
        }
        if (c.line().size().isEmpty()) {
            lacks.add(PipeNeeds.SIZE);
        }
        if (c.service().working().isEmpty()) {
            lacks.add(Needs.WORKING);
        }
        if (!lacks.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.PIPE, lacks.toArray(Need[]::new)));
        }
        List<Finding> all = new ArrayList<>();
        c.service()
                .fluidTemperature()
                .filter(t -> t.celsius() > c.grade().get().upTo().celsius())
                .ifPresent(t -> all.add(Finding.fail(
                        HOT,
                        Subject.PIPE,
                        Map.of(
                                "pipe", Figure.of(c.grade().get().name()),
                                "limit", Figure.of(c.grade().get().upTo()),
                                "temperature", Figure.of(t)))));
        for (String size : sizes(c)) {
            c.parts().wall(size).ifPresent(w -> all.add(finding(c, w)));
        }
        return all;
    }

    private static List<String> sizes(PipeCase c) {
        return c.laid()
                .map(l -> l.spools().stream().map(Spool::size).distinct().toList())
                .orElseGet(() -> List.of(c.line().size().orElseThrow()));
    }

    private static Finding finding(PipeCase c, PipeWall w) {
        Length pitch = c.parts()
                .thread()
                .filter(t -> c.threaded())
                .flatMap(t -> c.data().get(ThreadTable.KEY).find(t, w.size()))
                .map(t -> t.pitch().length())
                .orElse(Length.ZERO);
        GaugePressure allowed = w.allowed(pitch);
        HighestPressure wanted = HighestPressure.of(c.service()).orElseThrow();
        return Finding.of(
                wanted.pressure().bar() <= allowed.bar(),
                TEXT,
                Subject.PIPE,
                Map.of(
                        "pipe", Figure.of(w.grade().name()),
                        "size", Figure.of(w.size()),
                        "allowed", Figure.of(allowed),
                        "wanted", Figure.of(wanted.pressure()),
                        "what", Figure.of(wanted.word())));
    }
}
