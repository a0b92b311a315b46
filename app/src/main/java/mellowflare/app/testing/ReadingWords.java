package mellowflare.app.testing;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.testing.FinePressure;
import mellowflare.core.testing.Span;
import mellowflare.core.testing.TestRecord;

/** Readings of a test in words. */
final class ReadingWords {
    private ReadingWords() {}

    /** The last of them, the newest last. */
    static List<String> last(TestRecord record, int most, UnitSystem units) {
        List<String> all = new ArrayList<>(record.readings().stream()
                .map(x -> Say.it(
                        "tests-model.read",
                        "time",
                        Span.text(x.seconds()),
                        "pressure",
                        FinePressure.text(x.gauge(), units),
                        "air",
                        x.air().map(t -> Figure.of(t).text(units)).orElse("none")))
                .toList());
        record.vacuum()
                .forEach(v -> all.add(Say.it(
                        "tests-model.read-vacuum",
                        "time",
                        Span.text(v.seconds()),
                        "pa",
                        Math.round(v.pressure().pascal()))));
        return all.subList(Math.max(0, all.size() - most), all.size());
    }
}
