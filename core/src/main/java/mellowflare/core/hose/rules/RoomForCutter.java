package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.CutRoom;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** A hose cut in place, for a repair, needs room for the cutter. */
final class RoomForCutter implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "here.cutter",
            Severity.WARN,
            "Too little room to cut the hose in place: {room}, {least} needed for this way of cutting.",
            "There is room to cut the hose in place: {room}, {least} needed.",
            "{room} against {least}",
            "{instead}",
            Source.house("room beside the hose by way of cutting"));

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<Length> room = c.here().roomCut();
        if (room.isEmpty() || c.whole()) {
            return List.of();
        }
        Optional<Length> least = CutRoom.needed(c);
        if (least.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, HoseNeeds.HOSE));
        }
        List<String> fitting = CutRoom.fitting(c, room.get());
        return List.of(Finding.of(
                room.get().compareTo(least.get()) >= 0,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "room", Figure.of(room.get()),
                        "least", Figure.of(least.get()),
                        "instead",
                                Figure.of(
                                        fitting.isEmpty()
                                                ? Say.it("room-for-cutter.take-hose-out-machine")
                                                : Say.it(
                                                        "room-for-cutter.the-would-go-or",
                                                        "cutters",
                                                        String.join(", ", fitting))))));
    }
}
