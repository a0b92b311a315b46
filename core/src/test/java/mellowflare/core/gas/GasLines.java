package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.fluid.Service;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/** Gas lines for tests, called out as a fitter calls them. */
final class GasLines {
    static final ReferenceData DATA = ShippedData.load();

    private GasLines() {}

    static List<Piece> called(String... calls) {
        List<Piece> pieces = new ArrayList<>();
        for (String call : calls) {
            pieces.add(GasText.read(call, UnitSystem.METRIC, Integer.toString(pieces.size() + 1))
                    .value()
                    .orElseThrow(() -> new IllegalArgumentException("Not understood: " + call)));
        }
        return pieces;
    }

    /** Propane of 37 mbar from an 11 kg cylinder outside through EN 1057 tube. */
    static GasLine line(String... calls) {
        return GasLine.NEW
                .with()
                .pieces(called(calls))
                .shares(Map.of("g31", 1.0))
                .pressure(Optional.of("3p-37"))
                .code(Optional.of("en1775"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.CYLINDER)
                        .cylinder(Optional.of("kw-11"))
                        .stands(GasSource.Stands.OUTSIDE)
                        .regulator(Optional.of("kw-low-37"))
                        .build())
                .system(Optional.of("en1057"))
                .size(Optional.of("15"))
                .build();
    }

    static GasPlan plan(GasLine line) {
        return plan(line, DATA);
    }

    static GasPlan plan(GasLine line, ReferenceData data) {
        return GasLineKind.GAS.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, data),
                Optional.empty());
    }

    static List<Finding> of(GasPlan plan, String rule) {
        return plan.findings().stream()
                .filter(f -> f.rule().id().startsWith(rule))
                .toList();
    }

    static boolean fails(GasPlan plan, String rule) {
        return of(plan, rule).stream().anyMatch(f -> f.state() == State.FAIL);
    }
}
