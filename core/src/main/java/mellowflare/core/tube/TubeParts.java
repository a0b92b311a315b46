package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Benders;

/**
 * What a tube line is made of.
 *
 * @param name as asked for over the counter: by outside diameter and thread, not by a bare size
 * @param amount in words
 * @param need the number, of tube metres
 */
public record TubeParts(String name, String amount, double need) {

    /** The parts of a line, as far as they are settled. */
    public static List<TubeParts> of(TubeCase c) {
        List<TubeParts> parts = new ArrayList<>();
        c.tube()
                .ifPresent(t -> c.cut().ifPresent(cut -> {
                    double metres = cut.shop(c.units()).mm() / 1000;
                    parts.add(new TubeParts(
                            t.name() + ", " + LengthFormat.figure(t.outside(), c.units()) + " outside, wall "
                                    + LengthFormat.figure(t.wall(), c.units()),
                            LengthFormat.both(cut.shop(c.units()), c.units()),
                            metres));
                }));
        for (TubeSide s : c.sides()) {
            s.traits().filter(t -> t.nut() != EndTraits.Nut.NONE).ifPresent(t -> {
                String fits = s.part()
                        .map(p -> " for " + p.brief()
                                + p.thread().map(x -> ", thread " + x.name()).orElse(""))
                        .orElse(c.tube()
                                .map(u -> " for tube of " + LengthFormat.figure(u.outside(), c.units()))
                                .orElse(""));
                parts.add(new TubeParts(t.brief() + " nut" + fits, "one, end " + s.which(), 1));
                if (t.sleeve()) {
                    parts.add(new TubeParts(t.brief() + " sleeve" + fits, "one, end " + s.which(), 1));
                }
                if (t.made() == EndTraits.Made.RINGED) {
                    parts.add(new TubeParts(t.name() + fits, "one, end " + s.which(), 1));
                }
            });
        }
        clamps(c, parts);
        return parts;
    }

    private static void clamps(TubeCase c, List<TubeParts> parts) {
        c.tube()
                .flatMap(t -> c.shape()
                        .developed()
                        .flatMap(d -> c.data().get(Benders.KEY).clamps(t.outside(), d)))
                .filter(k -> k.count() > 0)
                .ifPresent(k -> parts.add(new TubeParts(
                        "clamp for tube of "
                                + LengthFormat.figure(c.tube().get().outside(), c.units()),
                        Integer.toString(k.count()),
                        k.count())));
    }
}
