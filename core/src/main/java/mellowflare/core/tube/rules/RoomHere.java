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
                Say.it("room-here.tube-cutter-s-swing"),
                c.line().room().cutter(),
                ToolRoom.cutter(od),
                Say.it("room-here.take-small-cutter-for"),
                Subject.MAKE));
        if (c.trimmed() && c.b().traits().filter(EndTraits::flared).isPresent()) {
            all.add(AtHand.room(
                    Say.it("room-here.flaring-bar-yoke"),
                    c.line().room().bar(),
                    ToolRoom.bar(od),
                    Say.it("room-here.flare-both-ends-at"),
                    Subject.MAKE));
        }
        if (c.shape().path().filter(p -> !p.bends().isEmpty()).isPresent()) {
            c.bender()
                    .ifPresent(b -> all.add(AtHand.room(
                            Say.it("room-here.bender-s-handle"),
                            c.line().room().bender(),
                            ToolRoom.handle(b.kind()),
                            Say.it("room-here.bend-at-bench-from"),
                            Subject.MAKE)));
        }
        for (LineEnd w : LineEnd.values()) {
            c.side(w)
                    .nut()
                    .ifPresent(n -> all.add(AtHand.room(
                            Say.it("room-here.wrench-at-end", "w", w),
                            c.line().here().room(w),
                            WrenchRoom.openWrench(n.hex()),
                            Say.it(
                                    "room-here.a-flare-nut-crow",
                                    "crowFoot",
                                    LengthFormat.figure(WrenchRoom.crowFoot(n.hex()), c.units())),
                            Subject.MAKE)));
        }
        return all;
    }
}
