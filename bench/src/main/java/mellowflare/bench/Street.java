package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;

/** A long gas main with appliances on both sides. */
final class Street {
    private Street() {}

    static GasLine line(int appliances) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < appliances; i++) {
            call(pieces, "m" + i + ": ahead 2 m size 54");
            call(pieces, "b" + i + ": " + (i % 2 == 0 ? "left" : "right") + " 1.5 m size 22");
            call(
                    pieces,
                    "a" + i + ": appliance " + (4 + i % 5) + " kW inlet regulated vented" + (i % 7 == 0 ? " new" : ""));
            call(pieces, "from m" + i);
        }
        call(pieces, "end: cap");
        return GasLine.NEW
                .with()
                .pieces(pieces)
                .shares(Map.of("g20", 1.0))
                .pressure(Optional.of("2h-20"))
                .code(Optional.of("nfpa54"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.METER)
                        .pressure(Optional.of(GaugePressure.ofMillibar(21)))
                        .build())
                .system(Optional.of("en1057"))
                .size(Optional.of("54"))
                .build();
    }

    private static void call(List<Piece> pieces, String text) {
        pieces.add(GasText.read(text, UnitSystem.METRIC, Integer.toString(pieces.size()))
                .value()
                .orElseThrow());
    }
}
