package mellowflare.book.water;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.HereJson;
import mellowflare.book.json.Words;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.parts.Here;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.JoinMethod;

/** A water point to and from a tree. Lengths in mm, pressure in bar. */
final class WaterJson {
    private WaterJson() {}

    static ObjectNode write(WaterLine l) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        l.equipment().ifPresent(e -> n.put("equipment", e));
        l.material().ifPresent(m -> n.put("material", Words.of(m)));
        lengths(l).forEach((name, length) -> length.ifPresent(x -> n.put(name, x.mm())));
        l.nippleSize().ifPresent(s -> n.put("nippleSize", s));
        l.pressure().ifPresent(p -> n.put("pressure", p.bar()));
        l.warmest().ifPresent(t -> n.put("warmest", t.celsius()));
        flags(l).forEach((name, is) -> is.ifPresent(b -> n.put(name, b)));
        words(n, "allowed", l.allowed());
        l.taken().ifPresent(t -> n.put("taken", t));
        l.age().ifPresent(a -> n.put("age", Words.of(a)));
        words(n, "elsewhere", l.elsewhere());
        n.put("chance", l.chance());
        if (!l.here().equals(Here.UNSAID)) {
            n.set("here", HereJson.write(l.here()));
        }
        return n;
    }

    private static <E extends Enum<E>> void words(ObjectNode n, String name, Set<E> some) {
        if (!some.isEmpty()) {
            ArrayNode list = n.putArray(name);
            some.stream().sorted().forEach(e -> list.add(Words.of(e)));
        }
    }

    private static Map<String, Optional<Length>> lengths(WaterLine l) {
        Map<String, Optional<Length>> all = new LinkedHashMap<>();
        all.put("outside", l.outside());
        all.put("straight", l.straight());
        all.put("distance", l.distance());
        all.put("offset", l.offset());
        all.put("wallDepth", l.wallDepth());
        all.put("plate", l.plate());
        all.put("gap", l.gap());
        return all;
    }

    private static Map<String, Optional<Boolean>> flags(WaterLine l) {
        Map<String, Optional<Boolean>> all = new LinkedHashMap<>();
        all.put("plastic", l.plastic());
        all.put("seen", l.seen());
        all.put("mainHolds", l.mainHolds());
        all.put("branchFirm", l.branchFirm());
        all.put("flameAllowed", l.flameAllowed());
        all.put("flexibleAllowed", l.flexibleAllowed());
        all.put("approved", l.approved());
        all.put("licensed", l.licensed());
        return all;
    }

    private static Optional<Length> length(Fields f, String name) throws BookTrouble {
        return f.maybeNumber(name).map(Length::ofMm);
    }

    private static Optional<Boolean> flag(Fields f, String name) throws BookTrouble {
        return f.has(name) ? Optional.of(f.flag(name)) : Optional.empty();
    }

    private static <E extends Enum<E>> Set<E> words(Fields f, String name, E[] values) throws BookTrouble {
        Set<E> some = new HashSet<>();
        for (String word : f.words(name)) {
            some.add(Arrays.stream(values)
                    .filter(v -> Words.of(v).equals(word))
                    .findFirst()
                    .orElseThrow(() -> f.wrong(name, Say.it("water-json.unknown", "word", word))));
        }
        return some;
    }

    /** Impossible values are refused by the line's own type, whose sentences reach the reader. */
    static WaterLine read(Fields f) throws BookTrouble {
        return new WaterLine(
                f.maybeText("equipment"),
                flag(f, "plastic"),
                f.maybeWord("material", HouseMaterial.class),
                length(f, "outside"),
                flag(f, "seen"),
                length(f, "straight"),
                length(f, "distance"),
                length(f, "offset"),
                length(f, "wallDepth"),
                length(f, "plate"),
                length(f, "gap"),
                f.maybeText("nippleSize"),
                f.maybeNumber("pressure").map(GaugePressure::ofBar),
                f.maybeNumber("warmest").map(Temperature::ofCelsius),
                flag(f, "mainHolds"),
                flag(f, "branchFirm"),
                flag(f, "flameAllowed"),
                flag(f, "flexibleAllowed"),
                flag(f, "approved"),
                flag(f, "licensed"),
                words(f, "allowed", JoinMethod.Id.values()),
                f.maybeText("taken"),
                f.maybeWord("age", HouseAge.class),
                words(f, "elsewhere", HouseMaterial.values()),
                f.maybeNumber("chance").orElse(WaterLine.USUAL_CHANCE),
                f.has("here") ? HereJson.read(f.object("here")) : Here.UNSAID);
    }
}
