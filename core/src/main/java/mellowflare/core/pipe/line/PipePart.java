package mellowflare.core.pipe.line;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.space.Attached;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Spool;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.HouseSize;
import mellowflare.core.pipe.stock.PipeGrade;

/**
 * A line of the parts list.
 *
 * @param name as asked for over the counter
 * @param count how many, or metres
 * @param metres whether it is counted in metres
 * @param each price of one, in the catalogue's money; empty where the house list has none
 */
public record PipePart(String name, double count, boolean metres, Optional<Double> each) {

    public Optional<Double> price() {
        return each.map(e -> e * count);
    }

    /**
     * What pipe is asked for by.
     *
     * @param grade its name; blank while none is chosen
     * @param size name of its size
     */
    public static String pipe(String grade, String size) {
        return Say.it("pipe-part.grade", "grade", grade.isBlank() ? Say.it("pipe-part.pipe") : grade, "size", size);
    }

    /** What a run is made of. */
    static List<PipePart> of(Laid laid, PipeCase c) {
        Map<String, PipePart> all = new LinkedHashMap<>();
        double fittings = c.system().map(FittingSystem::price).orElse(1.0);
        double pipe = c.grade().map(PipeGrade::price).orElse(1.0);
        String grade = c.grade().map(PipeGrade::name).orElse("");
        for (Spool s : laid.spools()) {
            if (s.swaged().isPresent()) {
                add(
                        all,
                        Say.it(
                                "pipe-part.swage",
                                "size",
                                s.size(),
                                "other",
                                s.swaged().get(),
                                "length",
                                LengthFormat.figure(s.bought().orElseThrow(), c.units())),
                        1,
                        false,
                        c.parts().house(s.size()).map(h -> h.price(HouseSize.Item.REDUCER) * pipe));
            } else if (s.bought().isPresent()) {
                add(
                        all,
                        Say.it(
                                "pipe-part.nipple",
                                "size",
                                s.size(),
                                "length",
                                LengthFormat.figure(s.bought().get(), c.units())),
                        1,
                        false,
                        c.parts().house(s.size()).map(h -> h.price(HouseSize.Item.NIPPLE) * pipe));
            } else {
                add(
                        all,
                        pipe(grade, s.size()),
                        s.exact().map(e -> Math.max(0, e.mm()) / 1000).orElse(0.0),
                        true,
                        c.parts().house(s.size()).map(h -> h.price(HouseSize.Item.METRE) * pipe));
            }
        }
        for (Fitted f : laid.fittings()) {
            f.part().ifPresent(p -> part(all, p, f.kind() == Fitted.Kind.FLANGES ? 2 : 1, c, fittings));
            if (f.kind() == Fitted.Kind.END && f.end().orElseThrow().flanged()) {
                part(all, PartKey.of(PartKind.FLANGE, f.mouths().get(0).size()), 1, c, fittings);
            }
        }
        for (Attached a : laid.attached()) {
            part(all, a.part(), 1, c, fittings);
        }
        return new ArrayList<>(all.values());
    }

    private static void part(Map<String, PipePart> all, PartKey p, int count, PipeCase c, double factor) {
        add(
                all,
                p.name(),
                count,
                false,
                c.parts().house(p.size()).map(h -> h.price(item(p)) * (p.kind() == PartKind.FLANGE ? 1 : factor)));
    }

    private static HouseSize.Item item(PartKey p) {
        return switch (p.kind()) {
            case ELBOW -> p.angle().degrees() > 45 ? HouseSize.Item.ELBOW_90 : HouseSize.Item.ELBOW_45;
            case TEE -> HouseSize.Item.TEE;
            case CROSS -> HouseSize.Item.CROSS;
            case COUPLING -> HouseSize.Item.COUPLING;
            case UNION, DIELECTRIC -> HouseSize.Item.UNION;
            case VALVE -> HouseSize.Item.VALVE;
            case FLEX -> HouseSize.Item.FLEX;
            case REDUCER -> HouseSize.Item.REDUCER;
            case BUSHING -> HouseSize.Item.BUSHING;
            case CAP -> HouseSize.Item.CAP;
            case PLUG -> HouseSize.Item.PLUG;
            case FLANGE -> HouseSize.Item.FLANGE;
        };
    }

    private static void add(
            Map<String, PipePart> all, String name, double count, boolean metres, Optional<Double> each) {
        all.merge(
                name,
                new PipePart(name, count, metres, each),
                (a, b) -> new PipePart(name, a.count() + b.count(), metres, each));
    }
}
