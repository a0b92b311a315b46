package mellowflare.app.hose;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterFinder;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HosePart;

/** What would join a port to a hose end where none mates with it. Worked out once for each port, hose and pressure. */
final class AdapterHints {
    private static final int HINTS = 3;

    private final Desk desk;
    private final Map<List<Object>, List<Hint>> known = new HashMap<>();

    AdapterHints(Desk desk) {
        this.desk = desk;
    }

    /**
     * Adapters that would join a port to a hose end.
     *
     * @param parts part numbers, the one on the port first
     * @param words as shown
     */
    record Hint(List<String> parts, String words) {
        public Hint {
            parts = List.copyOf(parts);
        }
    }

    /** The few best, for a hose where one is chosen. */
    List<Hint> of(End port, Optional<HosePart> hose, Optional<GaugePressure> pressure) {
        return known.computeIfAbsent(
                List.of(desk.data(), port.id(), hose.map(HosePart::part), pressure), k -> find(port, hose, pressure));
    }

    private List<Hint> find(End port, Optional<HosePart> hose, Optional<GaugePressure> pressure) {
        EndTable ends = desk.data().get(EndTable.KEY);
        List<End> offered = desk.data().get(Catalogue.KEY).hoseEnds().stream()
                .filter(e -> hose.map(h -> e.hoseDash().filter(h.dash()::equals).isPresent()
                                && e.series().filter(h.series()::equals).isPresent())
                        .orElse(true))
                .flatMap(e -> ends.find(e.end()).stream())
                .distinct()
                .toList();
        AdapterAsk ask = new AdapterAsk(port, port, false, Optional.empty(), pressure, Optional.empty());
        return new AdapterFinder(desk.data())
                .toAny(ask, offered).stream()
                        .limit(HINTS)
                        .map(f -> new Hint(
                                f.chain().links().stream()
                                        .map(l -> l.part().part())
                                        .toList(),
                                Say.it(
                                        "adapter-hints.then-hose-end",
                                        "stream",
                                        f.chain().links().stream()
                                                .map(l -> l.part().part())
                                                .collect(Collectors.joining(" + ")),
                                        "part",
                                        f.chain().onShelf() ? "yes" : "no",
                                        "weakest",
                                        Figure.of(f.chain().weakest()).text(desk.units()),
                                        "end",
                                        f.end().brief(),
                                        "gender",
                                        f.end().gender().word())))
                        .toList();
    }
}
