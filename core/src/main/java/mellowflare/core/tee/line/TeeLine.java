package mellowflare.core.tee.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import mellowflare.core.line.Line;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Here;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;

/**
 * What a job keeps of a tee into a standing tube.
 *
 * @param fluid what runs in the tube
 * @param method how the tee is joined
 * @param tube outside diameter
 * @param across of the tee along the run, on the part at hand: cone to cone of a flared one, end to end of any other
 * @param goesIn what one joint takes in: the flare allowance, or the depth of the socket; empty for the table's
 * @param gap already cut out of the tube; empty while it is whole
 * @param slackA how far the stub at end A can be drawn along
 * @param slackB the same at end B
 * @param straightA sound straight tube at end A
 * @param straightB the same at end B
 * @param unionAcross of a union at hand, measured like the tee; for an added piece
 * @param isolated whether the line is shut off, let off and proved
 * @param plugged whether the live stub is plugged while the tee is made
 * @param room whether cutter, tool and two wrenches have room
 * @param licensed whether a licensed person does the work, where the fluid asks for one
 * @param here what is at hand
 */
@RecordBuilder
public record TeeLine(
        Optional<TeeFluid> fluid,
        Optional<TeeMethod.Id> method,
        Optional<Length> tube,
        Optional<Length> across,
        Optional<Length> goesIn,
        Optional<Length> gap,
        Optional<Length> slackA,
        Optional<Length> slackB,
        Optional<Length> straightA,
        Optional<Length> straightB,
        Optional<Length> unionAcross,
        Optional<Boolean> isolated,
        Optional<Boolean> plugged,
        Optional<Boolean> room,
        Optional<Boolean> licensed,
        Here here)
        implements Line, TeeLineBuilder.With {
    public static final TeeLine NEW = new TeeLine(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Here.UNSAID);

    public TeeLine {
        for (Optional<Length> l : List.of(tube, across, unionAcross)) {
            if (l.filter(x -> x.mm() <= 0).isPresent()) {
                throw new IllegalArgumentException("A tube, a tee and a union measure more than nothing");
            }
        }
        for (Optional<Length> l : List.of(goesIn, gap, slackA, slackB, straightA, straightB)) {
            if (l.filter(x -> x.mm() < 0).isPresent()) {
                throw new IllegalArgumentException("No length of a tee-in is below nothing");
            }
        }
    }
}
