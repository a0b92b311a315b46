package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.AtHand;
import mellowflare.core.parts.WrenchRoom;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.ToolRoom;
import mellowflare.core.tube.line.TubeCase;

/** Before the first cut: room for cutter, bar, bender and two wrenches. */
final class RoomHere implements Rule<TubeCase> {
    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty()) {
            return List.of(AtHand.roomNeeds(TubeNeeds.TUBE, Subject.MAKE));
        }
        List<Finding> all = new ArrayList<>();
        Length od = c.tube().get().outside();
        all.add(AtHand.room(
                "tube cutter's swing",
                c.line().room().cutter(),
                ToolRoom.cutter(od),
                "Take the small cutter for close places or a fine saw with a guide, or cut it at the bench.",
                Subject.MAKE));
        if (c.trimmed() && c.b().traits().filter(EndTraits::flared).isPresent()) {
            all.add(AtHand.room(
                    "flaring bar and yoke",
                    c.line().room().bar(),
                    ToolRoom.bar(od),
                    "Flare both ends at the bench before bending: change the method of the second end.",
                    Subject.MAKE));
        }
        if (c.shape().path().filter(p -> !p.bends().isEmpty()).isPresent()) {
            c.bender()
                    .ifPresent(b -> all.add(AtHand.room(
                            "bender's handle",
                            c.line().room().bender(),
                            ToolRoom.handle(b.kind()),
                            "Bend it at the bench from the figures, and try it in with the nuts loose.",
                            Subject.MAKE)));
        }
        for (LineEnd w : LineEnd.values()) {
            c.side(w)
                    .nut()
                    .ifPresent(n -> all.add(AtHand.room(
                            "wrench at end " + w,
                            c.line().here().room(w),
                            WrenchRoom.openWrench(n.hex()),
                            "A flare-nut crow-foot from the end needs "
                                    + LengthFormat.figure(WrenchRoom.crowFoot(n.hex()), c.units())
                                    + "; the second wrench holds the body.",
                            Subject.MAKE)));
        }
        return all;
    }
}
