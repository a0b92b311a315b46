package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.AtHand;
import mellowflare.core.parts.WrenchRoom;

/** Room for the wrench, and for the second that holds against it. */
final class RoomForWrench implements Rule<HoseCase> {
    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().flatMap(s -> check(c, s).stream()).toList();
    }

    private static Optional<Finding> check(HoseCase c, Side s) {
        Optional<Length> room = c.here().room(s.which());
        Optional<Length> hex = s.part().flatMap(WrenchRoom::largestHex);
        if (room.isEmpty() || hex.isEmpty()) {
            return room.isEmpty()
                    ? Optional.empty()
                    : Optional.of(AtHand.roomNeeds(
                            Needs.fromMaker(
                                    "hex-" + s.which(),
                                    Say.it("room-for-wrench.ask-maker", "which", s.which()),
                                    s.which().hoseEnd()),
                            s.which().hoseEnd()));
        }
        boolean crow = room.get().compareTo(WrenchRoom.crowFoot(hex.get())) >= 0;
        return Optional.of(AtHand.room(
                Say.it("room-for-wrench.wrench-at-end", "which", s.which()),
                room,
                WrenchRoom.openWrench(hex.get()),
                crow ? Say.it("room-for-wrench.a-crow-foot-on") : Say.it("room-for-wrench.make-this-joint-up"),
                s.which().hoseEnd()));
    }
}
