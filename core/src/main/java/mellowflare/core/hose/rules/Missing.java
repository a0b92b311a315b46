package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;

/** Says in one wording what a check still lacks. */
final class Missing {
    private Missing() {}

    static Need[] of(HoseCase c, boolean parts, boolean working) {
        List<Need> missing = new ArrayList<>();
        if (parts) {
            missing.addAll(List.of(parts(c)));
        }
        if (working) {
            missing.add(Needs.WORKING);
        }
        return missing.toArray(Need[]::new);
    }

    static Need[] parts(HoseCase c) {
        List<Need> missing = new ArrayList<>();
        if (c.hose().isEmpty()) {
            missing.add(HoseNeeds.HOSE);
        }
        missing.addAll(endsMissing(c));
        c.sides().stream()
                .filter(s -> s.part().filter(p -> p.rating().isEmpty()).isPresent())
                .forEach(s -> missing.add(Needs.fromMaker(
                        "rating-" + s.which(),
                        Say.it("missing.ask-maker", "which", s.which()),
                        s.which().hoseEnd())));
        return missing.toArray(Need[]::new);
    }

    /** What the cut waits for. */
    static Need[] cut(HoseCase c) {
        List<Need> missing = new ArrayList<>();
        if (c.finished().isEmpty()) {
            missing.add(HoseNeeds.FINISHED);
        }
        missing.addAll(List.of(parts(c)));
        return missing.isEmpty() ? new Need[] {HoseNeeds.FINISHED} : missing.toArray(Need[]::new);
    }

    static Need[] ends(HoseCase c) {
        return endsMissing(c).toArray(Need[]::new);
    }

    static Need[] hoseAndEnd(HoseCase c, Side s) {
        List<Need> missing = new ArrayList<>();
        if (c.hose().isEmpty()) {
            missing.add(HoseNeeds.HOSE);
        }
        if (s.part().isEmpty()) {
            missing.add(HoseNeeds.end(s.which()));
        }
        return missing.toArray(Need[]::new);
    }

    private static List<Need> endsMissing(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.part().isEmpty())
                .map(s -> HoseNeeds.end(s.which()))
                .toList();
    }
}
