package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.FaultFound;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.ShareBars;

/** What was found from pressures, as it is said and drawn. */
public final class FaultWords {
    private static final int BARS = 7;

    private FaultWords() {}

    /** A short name for a bar: which pipe or place, and what it does. */
    public static String name(Fault fault) {
        return fault instanceof Fault.Choked
                ? Say.it("fault-words.choked", "at", fault.at())
                : Say.it("fault-words.leaks", "at", fault.at());
    }

    /** What it does there, a whole sentence. */
    public static String says(FaultFound.Suspect s, Probing line, Probed net, UnitSystem units) {
        if (s.fault() instanceof Fault.Leaking leak) {
            return Say.it(
                    "fault-words.leak-says",
                    "at",
                    leak.at(),
                    "flow",
                    net.flow(leak.flow()).text(units));
        }
        return Say.it(
                "fault-words.choke-says",
                "at",
                s.fault().at(),
                "lost",
                line.lost(s.lost()).text(units),
                "left",
                LengthFormat.figure(s.left().orElseThrow(), units));
    }

    /** The verdict: whole sentences, the chances first. */
    public static List<String> verdict(FaultFound f, UnitSystem units) {
        List<String> all = new ArrayList<>();
        String planned = new Figure.OfShare(f.asPlanned()).text(units);
        if (f.asPlanned() > f.choked() + f.leaks() + f.unknown()) {
            all.add(Say.it("fault-words.as-planned", "share", planned));
        } else if (f.unknown() > f.choked() + f.leaks()) {
            all.add(Say.it("fault-words.unknown"));
        } else {
            all.add(Say.it(
                    "fault-words.faulty",
                    "choked",
                    new Figure.OfShare(f.choked()).text(units),
                    "leaks",
                    new Figure.OfShare(f.leaks()).text(units)));
        }
        f.next().ifPresent(p -> all.add(Say.it("fault-words.next", "place", p)));
        if (!f.hidden().isEmpty()) {
            all.add(Say.it("fault-words.hidden", "count", f.hidden().size()));
        }
        return all;
    }

    /** The likeliest as bars, then that nothing is wrong, then something else. */
    public static Drawing bars(FaultFound f, UnitSystem units) {
        List<ShareBars.Bar> bars = new ArrayList<>();
        List<FaultFound.Suspect> likely = f.likely();
        for (FaultFound.Suspect s :
                f.suspects().subList(0, Math.min(BARS, f.suspects().size()))) {
            bars.add(new ShareBars.Bar(name(s.fault()), s.share(), likely.contains(s) ? Fill.DEEP : Fill.MIDDLE));
        }
        bars.add(new ShareBars.Bar(Say.it("fault-words.nothing"), f.asPlanned(), Fill.PALE));
        bars.add(new ShareBars.Bar(Say.it("fault-words.else"), f.unknown(), Fill.PALE));
        return ShareBars.of(bars, units);
    }
}
