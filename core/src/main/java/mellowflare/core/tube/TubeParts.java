package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.line.Take;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.thread.ThreadSize;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.stock.Benders;

/**
 * What a tube line is made of.
 *
 * @param name as asked for over the counter: by outside diameter and thread, not by a bare size
 * @param amount in words
 * @param role what it is in the line
 * @param end the end that it is for; empty for the whole line
 * @param need the number, of tube metres
 * @param metres whether it is counted in metres
 */
public record TubeParts(String name, String amount, PartRole role, Optional<LineEnd> end, double need, boolean metres) {

    /** The parts of a line, as far as they are settled. */
    public static List<TubeParts> of(TubeCase c) {
        List<TubeParts> parts = new ArrayList<>();
        c.tube()
                .ifPresent(t -> c.cut().ifPresent(cut -> {
                    double metres = cut.shop(c.units()).mm() / 1000;
                    parts.add(new TubeParts(
                            Say.it(
                                    "tube-parts.outside-wall",
                                    "name",
                                    t.name(),
                                    "outside",
                                    LengthFormat.figure(t.outside(), c.units()),
                                    "wall",
                                    LengthFormat.figure(t.wall(), c.units())),
                            LengthFormat.both(cut.shop(c.units()), c.units()),
                            PartRole.CUT,
                            Optional.empty(),
                            metres,
                            true));
                }));
        for (TubeSide s : c.sides()) {
            s.traits().filter(t -> t.nut() != EndTraits.Nut.NONE).ifPresent(t -> {
                String port = s.part().map(End::brief).orElse("none");
                String thread =
                        s.part().flatMap(End::thread).map(ThreadSize::name).orElse("none");
                String tube = c.tube()
                        .map(u -> LengthFormat.figure(u.outside(), c.units()))
                        .orElse("none");
                parts.add(new TubeParts(
                        Say.it("tube-parts.nut", "brief", t.brief(), "port", port, "thread", thread, "tube", tube),
                        Say.it("tube-parts.one-end", "which", s.which()),
                        PartRole.NUT,
                        Optional.of(s.which()),
                        1,
                        false));
                if (t.sleeve()) {
                    parts.add(new TubeParts(
                            Say.it(
                                    "tube-parts.sleeve",
                                    "brief",
                                    t.brief(),
                                    "port",
                                    port,
                                    "thread",
                                    thread,
                                    "tube",
                                    tube),
                            Say.it("tube-parts.one-end", "which", s.which()),
                            PartRole.NUT,
                            Optional.of(s.which()),
                            1,
                            false));
                }
                if (t.made() == EndTraits.Made.RINGED) {
                    parts.add(new TubeParts(
                            Say.it("tube-parts.ring", "name", t.name(), "port", port, "thread", thread, "tube", tube),
                            Say.it("tube-parts.one-end", "which", s.which()),
                            PartRole.RING,
                            Optional.of(s.which()),
                            1,
                            false));
                }
            });
        }
        clamps(c, parts);
        return parts;
    }

    /** As taken from the shelf. */
    Take take() {
        return new Take("", name, role, end, need, metres, 0, Optional.empty(), Optional.empty());
    }

    private static void clamps(TubeCase c, List<TubeParts> parts) {
        c.tube()
                .flatMap(t -> c.shape()
                        .developed()
                        .flatMap(d -> c.data().get(Benders.KEY).clamps(t.outside(), d)))
                .filter(k -> k.count() > 0)
                .ifPresent(k -> parts.add(new TubeParts(
                        Say.it(
                                "tube-parts.clamp-for-tube",
                                "outside",
                                LengthFormat.figure(c.tube().get().outside(), c.units())),
                        Integer.toString(k.count()),
                        PartRole.CLAMP,
                        Optional.empty(),
                        k.count(),
                        false)));
    }
}
