package mellowflare.core.tube.line;

import java.util.Comparator;
import java.util.Optional;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.flare.FlareBench;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.stock.Tube;

/** Looks up one side of a tube line and tries its flare at the bench. */
final class SideReader {
    /** The rule of thumb for single flares (house figure, a method). */
    static final Length THUMB = Length.ofMm(1.5);

    private static final double SAME_TUBE_MM = 0.11;

    private final Optional<Tube> tube;
    private final Optional<Fluid> fluid;
    private final Practice practice;
    private final ReferenceData data;

    SideReader(Optional<Tube> tube, Optional<Fluid> fluid, Practice practice, ReferenceData data) {
        this.tube = tube;
        this.fluid = fluid;
        this.practice = practice;
        this.data = data;
    }

    TubeSide read(TubePort port, TubeEnd end) {
        EndKinds kinds = data.get(EndKinds.KEY);
        Optional<EndTraits> traits = end.kind().map(kinds::of);
        Optional<End> part = port.port()
                .filter(p ->
                        traits.filter(t -> t.codes().contains(p.id().code())).isPresent())
                .or(() -> traits.flatMap(this::usualPart));
        Optional<Length> bore =
                part.flatMap(End::thread).map(t -> t.femaleCrest().low());
        Optional<FlareTool> tool = traits.filter(EndTraits::flared)
                .flatMap(t -> tube.flatMap(u -> end.tool().flatMap(id -> tools().find(id, t.kind(), u.outside()))));
        Optional<FlareBand> band = traits.flatMap(t -> tube.flatMap(u ->
                data.get(FlareBands.KEY).of(t, u.outside(), fluid.map(Fluid::id), part.map(e -> e.id().code()), bore)));
        Optional<FlareBench> bench = tool.flatMap(t -> tube.map(u -> FlareBench.of(u, traits.orElseThrow(), t)));
        Optional<Length> middle = bench.flatMap(b -> band.flatMap(x -> b.stickOutFor(x.middle())));
        Optional<Length> stick = end.stickOut().or(() -> byMethod(traits, tool, middle));
        Optional<FlareMade> made = bench.flatMap(b -> stick.map(s -> b.make(FlareSetting.good(s), band, bore)));
        return new TubeSide(
                port,
                end,
                traits,
                part,
                bore,
                tool,
                band,
                bench,
                middle,
                stick,
                made,
                traits.flatMap(t -> tube.flatMap(u -> kinds.nut(t.kind(), u.outside()))));
    }

    private FlareTools tools() {
        return data.get(FlareTools.KEY);
    }

    private Optional<Length> byMethod(Optional<EndTraits> traits, Optional<FlareTool> tool, Optional<Length> middle) {
        boolean thumb = data.get(Methods.KEY)
                .chosen(MethodTopic.FLARE_STICK_OUT, practice)
                .is("thumb");
        if (!thumb || traits.isEmpty() || tool.isEmpty()) {
            return middle;
        }
        return Optional.of(traits.get().layers() == 2 ? tool.get().step().orElse(THUMB) : THUMB);
    }

    /** The commonest end of the kind's families that is made for the tube. */
    private Optional<End> usualPart(EndTraits traits) {
        return tube.flatMap(u -> traits.codes().stream()
                .flatMap(code -> data.get(EndTable.KEY).of(code).stream()
                        .filter(e -> e.tube()
                                .filter(t -> t.distanceTo(u.outside()).mm() <= SAME_TUBE_MM)
                                .isPresent())
                        .max(Comparator.comparingDouble(End::share))
                        .stream())
                .findFirst());
    }
}
