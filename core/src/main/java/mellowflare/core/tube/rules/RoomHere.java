package mellowflare.core.tube.rules;

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
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.WrenchRoom;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.ToolRoom;
import mellowflare.core.tube.line.TubeCase;

/** Before the first cut: room for cutter, bar, bender and two wrenches. */
final class RoomHere implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "here.room",
            Severity.WARN,
            "{has} of room for the {tool}; it needs {need}.",
            "{has} of room lets the {tool} in.",
            "{has} against {need}",
            "{instead}",
            Source.house("room that tools need, by tube"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAKE, "tube"));
        }
        List<Finding> all = new ArrayList<>();
        Length od = c.tube().get().outside();
        one(
                all,
                "tube cutter's swing",
                c.line().room().cutter(),
                ToolRoom.cutter(od),
                "Take the small cutter for close places or a fine saw with a guide, or cut it at the bench.");
        if (c.trimmed() && c.b().traits().filter(EndTraits::flared).isPresent()) {
            one(
                    all,
                    "flaring bar and yoke",
                    c.line().room().bar(),
                    ToolRoom.bar(od),
                    "Flare both ends at the bench before bending: change the school of the second end.");
        }
        if (c.shape().path().filter(p -> !p.bends().isEmpty()).isPresent()) {
            c.bender()
                    .ifPresent(b -> one(
                            all,
                            "bender's handle",
                            c.line().room().bender(),
                            ToolRoom.handle(b.kind()),
                            "Bend it at the bench from the figures, and try it in with the nuts loose."));
        }
        for (LineEnd w : LineEnd.values()) {
            c.side(w)
                    .nut()
                    .ifPresent(n -> one(
                            all,
                            "wrench at end " + w,
                            c.line().here().room(w),
                            WrenchRoom.openWrench(n.hex()),
                            "A flare-nut crow-foot from the end needs "
                                    + LengthFormat.figure(WrenchRoom.crowFoot(n.hex()), c.units())
                                    + "; the second wrench holds the body."));
        }
        return all;
    }

    private static void one(List<Finding> all, String tool, Optional<Length> has, Length need, String instead) {
        if (has.isEmpty()) {
            all.add(Finding.notChecked(TEXT, Subject.MAKE, "room for the " + tool));
            return;
        }
        all.add(Finding.of(
                has.get().compareTo(need) >= 0,
                TEXT,
                Subject.MAKE,
                Map.of(
                        "has", Figure.of(has.get()),
                        "need", Figure.of(need),
                        "tool", Figure.of(tool),
                        "instead", Figure.of(instead))));
    }
}
