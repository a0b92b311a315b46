package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.WrenchRoom;
import mellowflare.core.reference.Source;

/** Room for the wrench, and for the second that holds against it. */
final class RoomForWrench implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "here.room",
            Severity.WARN,
            "{room} of room round the hex at end {which}; an open wrench for {hex} needs {least}.",
            "{room} of room round the hex at end {which} lets an open wrench for {hex} in.",
            "{room} against {least}, half the width of the wrench's head",
            "{instead}",
            Source.house("an open wrench's head is about 2.2 times its size wide"));

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
                    : Optional.of(
                            Finding.notChecked(TEXT, s.which().hoseEnd(), "wrench size of hose end " + s.which()));
        }
        Length least = WrenchRoom.openWrench(hex.get());
        boolean crow = room.get().compareTo(WrenchRoom.crowFoot(hex.get())) >= 0;
        return Optional.of(
                Finding.of(
                        room.get().compareTo(least) >= 0,
                        TEXT,
                        s.which().hoseEnd(),
                        Map.of(
                                "room", Figure.of(room.get()),
                                "which", Figure.of(s.which().name()),
                                "hex", Figure.of(hex.get()),
                                "least", Figure.of(least),
                                "instead",
                                        Figure.of(
                                                crow
                                                        ? "A crow-foot on an extension goes in from the end: try it before the first cut; the second wrench must still hold."
                                                        : "Make this joint up before the part is bolted in place, or move the joint out with an adapter."))));
    }
}
