package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;

/** Readings of a hold test to and from a tree: seconds, bar, degrees Celsius, bar absolute. */
public final class ReadingsJson {
    private ReadingsJson() {}

    public static void write(List<HoldTest.Reading> all, ArrayNode into) {
        all.forEach(r -> {
            ObjectNode one = into.addObject()
                    .put("time", r.seconds())
                    .put("pressure", r.gauge().bar());
            r.air().ifPresent(t -> one.put("temperature", t.celsius()));
            r.barometer().ifPresent(b -> one.put("barometer", b.bar()));
        });
    }

    /** The readings under {@code readings}; none where there is no such field. */
    public static List<HoldTest.Reading> read(Fields f) throws BookTrouble {
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (Fields r : f.array("readings")) {
            readings.add(new HoldTest.Reading(
                    r.number("time"),
                    GaugePressure.ofBar(r.number("pressure")),
                    r.maybeNumber("temperature").map(Temperature::ofCelsius),
                    r.maybeNumber("barometer").map(AbsolutePressure::ofBar)));
        }
        return readings;
    }
}
