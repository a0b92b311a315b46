package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.testing.Duties;
import mellowflare.core.testing.Duty;
import mellowflare.core.testing.LoggerFile;
import mellowflare.core.testing.Medium;
import mellowflare.core.testing.Outcome;
import mellowflare.core.testing.Proving;
import mellowflare.core.testing.Seen;
import mellowflare.core.testing.TestAsk;
import mellowflare.core.testing.TestGauge;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.VacuumReading;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** {@code test-record}: what a test of a finished line proves. */
@Command(
        name = "test-record",
        mixinStandardHelpOptions = true,
        description = "Says what a test proves: tight, leaks or not settled, with the reasons.",
        footer = {
            "",
            "In:   test (proof-minute, proof-ten, proof-water, hold-gas, hold-main, hold-nitrogen, vacuum, soap, tissue, look, pedal); target;",
            "      medium (oil, water, air, nitrogen, own, vacuum); gauge {name, number, upTo, step, calibratedUntil}; volume (L), barometer, allowed (L/min);",
            "      readings [{time, pressure, temperature, barometer}] or --log FILE; vacuum [{time, pressure (Pa absolute)}];",
            "      joints [names], looks {joint: dry or leaks}; by, witness, on (2026-11-30); units; id",
            "Out:  verdict (tight, leaks, not-settled), confidence, leakRate and plusMinus (L/min), lasted and toGo (s), findings",
            "Example:  echo '{\"test\": \"proof-minute\", \"target\": \"400 bar\", \"looks\": {\"line\": \"dry\"}, \"by\": \"T. Brandt\", \"readings\": [{\"time\": 0, \"pressure\": 402},"
                    + " {\"time\": 15, \"pressure\": 401}, {\"time\": 30, \"pressure\": 400}]}' | ./mellow-flare test-record"
        })
public final class TestRecordCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("test", "verdict", "confidence", "leakRate", "toGo");
    private static final double PASCAL_PER_BAR = 1e5;

    @Option(
            names = "--log",
            paramLabel = "FILE",
            description = "A logger's CSV (time, pressure, temperature, barometer) for the readings of the record.")
    private Path log;

    @Override
    public Computation computation() {
        return new Proof(data(), Optional.ofNullable(log));
    }

    private record Proof(ReferenceData data, Optional<Path> log) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            Duties duties = data.get(Duties.KEY);
            Duty duty =
                    f.needWord("test", duties.all().stream().collect(Collectors.toMap(Duty::id, Function.identity())));
            TestAsk ask = TestAsk.of("test", duty.title(), duty, Shared.fluid(f, data), f.pressure("target"));
            List<TestJoint> joints =
                    f.texts("joints").stream().map(j -> new TestJoint(j, j)).toList();
            List<String> troubles = new ArrayList<>();
            TestRecord record;
            try {
                record = record(f, ask, troubles);
            } catch (IllegalArgumentException e) {
                throw new Refused(Say.it("hold-test-command.readings", "message", e.getMessage()), e);
            }
            Outcome o = new Proving(ask, record, joints).outcome();
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("test", duty.id());
            out.put("verdict", FindingsOut.word(o.verdict()));
            o.confidence().ifPresent(c -> out.put("confidence", c));
            o.leak().ifPresent(l -> {
                out.put("leakRate", l.litresPerMinute());
                out.put("plusMinus", l.plusMinus());
            });
            out.put("lasted", record.lasted());
            o.toGo().ifPresent(s -> out.put("toGo", s));
            if (!troubles.isEmpty()) {
                troubles.forEach(out.putArray("leftOut")::add);
            }
            FindingsOut.put(out, o.findings(), units);
            return out;
        }

        private TestRecord record(Fields f, TestAsk ask, List<String> troubles) throws Refused {
            TestRecord r = TestRecord.of(ask)
                    .withGauge(f.has("gauge") ? gauge(f.object("gauge")) : TestGauge.UNSAID)
                    .withVolume(f.number("volume", 1e-6, 1e9).map(Volume::ofLitres))
                    .withBarometer(f.barometer("barometer"))
                    .withAllowed(f.number("allowed", 0, 1e6).map(FreeAir::ofLitresPerMinute))
                    .withReadings(readings(f, troubles))
                    .withVacuum(vacuum(f))
                    .withLooks(looks(f))
                    .withBy(f.text("by").orElse(""))
                    .withWitness(f.text("witness").orElse(""))
                    .withOn(day(f, "on"));
            return f.word("medium", Words.of(Medium.values()))
                    .map(r::withMedium)
                    .orElse(r);
        }

        private static TestGauge gauge(Fields f) throws Refused {
            TestGauge gauge = new TestGauge(
                    f.text("name").orElse(""),
                    f.text("number").orElse(""),
                    f.pressure("upTo"),
                    f.pressure("step").map(GaugePressure::bar).map(PressureDifference::ofBar),
                    day(f, "calibratedUntil"));
            f.nothingElse();
            return gauge;
        }

        private List<HoldTest.Reading> readings(Fields f, List<String> troubles) throws Refused {
            if (log.isPresent()) {
                return logged(troubles);
            }
            List<HoldTest.Reading> all = new ArrayList<>();
            for (Fields r : f.maybeObjects("readings")) {
                all.add(new HoldTest.Reading(
                        r.seconds("time"),
                        r.pressure("pressure").orElseThrow(() -> r.missing("pressure")),
                        r.temperature("temperature"),
                        r.barometer("barometer")));
                r.nothingElse();
            }
            return all;
        }

        private List<HoldTest.Reading> logged(List<String> troubles) throws Refused {
            try {
                LoggerFile.Logged logged =
                        LoggerFile.read(log.get().getFileName().toString(), TextFiles.read(log.get(), "log", "CSV"));
                troubles.addAll(logged.troubles());
                return logged.gathering().readings();
            } catch (BookTrouble | BrokenTable e) {
                throw new Refused(e.getMessage(), e);
            }
        }

        private static List<VacuumReading> vacuum(Fields f) throws Refused {
            List<VacuumReading> all = new ArrayList<>();
            for (Fields r : f.maybeObjects("vacuum")) {
                all.add(new VacuumReading(
                        r.seconds("time"),
                        AbsolutePressure.ofBar(r.number("pressure", 0, 200_000).orElseThrow(() -> r.missing("pressure"))
                                / PASCAL_PER_BAR)));
                r.nothingElse();
            }
            return all;
        }

        private static Map<String, Seen> looks(Fields f) throws Refused {
            Map<String, Seen> all = new HashMap<>();
            if (f.has("looks")) {
                Fields looks = f.object("looks");
                for (String joint : looks.names()) {
                    all.put(joint, looks.needWord(joint, Words.of(Seen.values())));
                }
            }
            return all;
        }

        private static Optional<LocalDate> day(Fields f, String name) throws Refused {
            Optional<String> text = f.text(name);
            try {
                return text.map(LocalDate::parse);
            } catch (DateTimeParseException e) {
                Refused refused = f.wrong(name, Say.it("test-record-command.no-day", "text", text.orElse("")));
                refused.initCause(e);
                throw refused;
            }
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream().map(c -> r.path(c).asText()).toList();
        }

        @Override
        public String text(ObjectNode r) {
            return Say.it(
                            "test-record-command.verdict",
                            "test",
                            r.path("test").asText(),
                            "verdict",
                            r.path("verdict").asText())
                    + "\n"
                    + Words.findings(r.path("findings"));
        }
    }
}
