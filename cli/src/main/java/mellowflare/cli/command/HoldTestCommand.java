package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Records;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldFindings;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code hold-test}: the leak that readings of pressure and temperature tell of. */
@Command(
        name = "hold-test",
        mixinStandardHelpOptions = true,
        description =
                "Reckons the leak of what was pumped up, shut off and read, temperature and barometer counted in.",
        footer = {
            "",
            "In:   CSV with a header: time (s, or with min or h), pressure (gauge: bar, or with its unit), temperature (C, may be left out",
            "      in all rows), and the options --volume, --barometer, --allowed, --gauge-step;",
            "      or JSON: volume (L), readings [{time, pressure, temperature}], barometer, allowed, gaugeStep, reference, units",
            "Out:  leakRate (L/min), plusMinus, atRest (what pressure alone would say), drop, verdict tight, leaks or not-settled, confidence,",
            "      reference, findings",
            "Example:  printf 'time,pressure,temperature\\n0,8.00,18\\n60 min,7.93,17\\n' | ./mellow-flare hold-test --volume 59"
        })
public final class HoldTestCommand implements Callable<Integer> {
    @Mixin
    private Streams streams;

    @Option(
            names = "--format",
            defaultValue = "json",
            paramLabel = "FORM",
            description = "json or text (default: json).")
    private Format format;

    @Option(names = "--volume", paramLabel = "LITRES", description = "What is shut in (L).")
    private Double volume;

    @Option(
            names = "--barometer",
            paramLabel = "BAR",
            description = "Pressure of the air around (bar absolute, default 1.01325).")
    private Double barometer;

    @Option(names = "--allowed", paramLabel = "L/MIN", description = "Largest leak that passes (default 5).")
    private Double allowed;

    @Option(names = "--gauge-step", paramLabel = "BAR", description = "Finest step of the gauge (default 0.01).")
    private Double gaugeStep;

    @Override
    public Integer call() throws BookTrouble, IOException, Refused {
        ObjectNode record;
        try (BufferedReader in = streams.in()) {
            record = record(in);
        }
        ObjectNode result;
        try {
            result = result(new Fields(record));
        } catch (IllegalArgumentException | ArithmeticException e) {
            throw new Refused(Say.it("hold-test-command.these-readings-cannot-be", "message", e.getMessage()), e);
        }
        String text = format == Format.TEXT ? text(result) : result.toPrettyString() + "\n";
        Streams.Sink sink = streams.out();
        sink.bytes().write(text.getBytes(StandardCharsets.UTF_8));
        sink.bytes().flush();
        sink.finish().run();
        return FindingsOut.stops(result) ? ExitStatus.STOPS : ExitStatus.COMPUTED;
    }

    /** A JSON object as it is; of a table its rows as readings. What the command line says counts where the object is silent. */
    private ObjectNode record(BufferedReader in) throws Refused, IOException {
        in.mark(1);
        int first = in.read();
        while (first == ' ' || first == '\n' || first == '\r' || first == '\t' || first == '\uFEFF') {
            in.mark(1);
            first = in.read();
        }
        ObjectNode record;
        if (first < 0) {
            throw new Refused(Say.it("hold-test-command.nothing-came-give-table"));
        }
        in.reset();
        if (first == '{') {
            record = Records.object(Records.json(in).values().get(0));
        } else {
            record = JsonNodeFactory.instance.objectNode();
            ArrayNode readings = record.putArray("readings");
            Records.csv(in, new Records.Taker() {
                @Override
                public void take(long row, ObjectNode one) {
                    number(one, "time");
                    number(one, "pressure");
                    number(one, "temperature");
                    number(one, "barometer");
                    readings.add(one);
                }

                @Override
                public void broken(long row, String sentence) {
                    readings.addObject().put(Say.it("hold-test-command.row", "row", row), sentence);
                }
            });
        }
        option(record, "volume", volume);
        option(record, "barometer", barometer);
        option(record, "allowed", allowed);
        option(record, "gaugeStep", gaugeStep);
        return record;
    }

    /** A bare figure of a table is in the base unit of its column. */
    private static void number(ObjectNode row, String name) {
        String text = row.path(name).asText("");
        if (text.matches("-?\\d+(\\.\\d+)?")) {
            row.put(name, Double.parseDouble(text));
        }
    }

    private static void option(ObjectNode record, String name, Double value) {
        if (value != null && !record.has(name)) {
            record.put(name, value);
        }
    }

    private static ObjectNode result(Fields f) throws Refused {
        UnitSystem units = Words.units(f);
        AirReference reference = AirWords.reference(f);
        List<HoldTest.Reading> readings = new ArrayList<>();
        for (Fields r : f.objects("readings")) {
            double time = r.seconds("time");
            GaugePressure pressure = r.pressure("pressure").orElseThrow(() -> r.missing("pressure"));
            Optional<Temperature> air = r.temperature("temperature");
            Optional<AbsolutePressure> ambient = r.barometer("barometer");
            r.nothingElse();
            if (!(Math.abs(time) <= HoldTest.Reading.LONGEST_SECONDS)) {
                throw r.wrong("time", Say.it("hold-test-command.no-test-tightness-lasts"));
            }
            readings.add(new HoldTest.Reading(time, pressure, air, ambient));
        }
        double litres = f.number("volume", 1e-6, 1e9).orElseThrow(() -> f.missing("volume"));
        double step = f.number("gaugeStep", 1e-6, 10).orElse(0.01);
        FreeAir passes = new FreeAir(f.number("allowed", 0, 1e6).orElse(5.0), reference);
        var ambient = AirWords.barometer(f);
        Optional<String> id = f.text("id");
        f.nothingElse();
        HoldTest test;
        try {
            test = new HoldTest(readings, Volume.ofLitres(litres), ambient, PressureDifference.ofBar(step), passes);
        } catch (IllegalArgumentException e) {
            throw new Refused(Say.it("hold-test-command.readings", "message", e.getMessage()), e);
        }
        HoldTest.Result r = test.result();
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        id.ifPresent(i -> out.put("id", i));
        double per = new FreeAir(1, AirReference.ISO1217).in(reference).litresPerMinute();
        out.put("leakRate", r.litresPerMinute() * per);
        out.put("plusMinus", r.plusMinus() * per);
        out.put("atRest", r.atRest() * per);
        out.put("drop", r.drop().bar());
        out.put("verdict", FindingsOut.word(r.verdict()));
        out.put("confidence", r.confidence());
        out.put("reference", reference.word());
        List<Finding> findings = HoldFindings.of(test, r, Optional.empty());
        FindingsOut.put(out, findings, units);
        return out;
    }

    private static String text(ObjectNode r) {
        StringBuilder text = new StringBuilder(Say.it(
                "hold-test-command.leak-4g-l-min",
                "verdict",
                r.path("verdict").asText(),
                "asDouble",
                r.path("leakRate").asDouble()));
        text.append(Words.findings(r.path("findings")));
        return text.toString();
    }
}
