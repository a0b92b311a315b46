package mellowflare.cli.pipe;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.cli.command.Computation;
import mellowflare.cli.command.ComputeCommand;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.makeup.Off;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartsInUse;
import mellowflare.core.pipe.makeup.SetBacks;
import mellowflare.core.pipe.makeup.ThreadMakeUp;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.thread.ThreadSeries;
import picocli.CommandLine.Command;

/** {@code makeup}: how far a pipe thread goes in, and what elbows take off a measure. */
@Command(
        name = "makeup",
        mixinStandardHelpOptions = true,
        description = "Says how far a pipe thread goes into its fitting, and what elbows take off a measure.",
        footer = {
            "",
            "In:   size; standard NPT or R; fitting (malleable150, forged3000, en10242 ...); method standard or shop; id",
            "Out:  makeUp, handTight, wrench, effectiveThread, centreToEnd90, centreToEnd45, takeOff90, takeOff45, source",
            "Example:  echo '{\"size\": \"1\", \"standard\": \"NPT\", \"fitting\": \"malleable150\"}' | ./mellow-flare makeup"
        })
public final class MakeUpCommand extends ComputeCommand {
    private static final Map<String, ThreadSeries> STANDARDS = Map.of("npt", ThreadSeries.NPT, "r", ThreadSeries.BSPT);
    private static final Map<String, MakeUps.By> METHODS =
            Map.of("standard", MakeUps.By.STANDARD, "shop", MakeUps.By.SHOP);
    private static final List<String> COLUMNS = List.of(
            "makeUp",
            "handTight",
            "wrench",
            "effectiveThread",
            "centreToEnd90",
            "centreToEnd45",
            "takeOff90",
            "takeOff45");

    @Override
    public Computation computation() {
        return new OfSize(data());
    }

    private record OfSize(ReferenceData data) implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            Optional<ThreadSeries> standard = f.word("standard", STANDARDS);
            Optional<FittingSystem> system = PipeIn.system(f, "fitting", data);
            if (system.isPresent()
                    && standard.filter(s -> s != system.get().thread()).isPresent()) {
                throw f.wrong(
                        "standard",
                        Say.it(
                                "make-up-command.other-thread",
                                "fittings",
                                system.get().name()));
            }
            FittingSystem of = system.orElseGet(() -> data.get(PipeStock.KEY).systems().stream()
                    .filter(s -> s.thread() == standard.orElse(ThreadSeries.NPT))
                    .findFirst()
                    .orElseThrow());
            String size = PipeIn.size(f, Optional.of(of), data).orElseThrow(() -> f.missing("size"));
            PartsInUse parts = new PartsInUse(
                    Optional.of(of),
                    Optional.empty(),
                    Map.of(),
                    Map.of(),
                    f.word("method", METHODS).orElse(MakeUps.By.STANDARD),
                    SetBacks.By.FIXED,
                    data);
            ThreadMakeUp m = parts.makeUp(size)
                    .orElseThrow(() -> f.wrong("size", Say.it("make-up-command.no-thread", "size", size)));
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put("makeUp", m.length().mm());
            put(out, "handTight", m.handTight());
            put(out, "wrench", m.wrench());
            put(out, "effectiveThread", m.useful());
            if (system.isPresent()) {
                for (int angle : new int[] {90, 45}) {
                    PartKey elbow = PartKey.elbow(Angle.ofDegrees(angle), size);
                    put(out, "centreToEnd" + angle, parts.face(elbow).map(Off::length));
                    put(out, "takeOff" + angle, parts.takeOff(elbow).map(Off::length));
                }
            }
            out.put("source", m.source().shown());
            return out;
        }

        private static void put(ObjectNode out, String name, Optional<Length> l) {
            l.ifPresent(x -> out.put(name, x.mm()));
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return COLUMNS.stream().map(c -> r.path(c).asText("")).toList();
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            for (String column : COLUMNS) {
                if (r.has(column)) {
                    text.append(Say.it(
                                    "make-up-command.line",
                                    "figure",
                                    column,
                                    "length",
                                    LengthFormat.decimal(r.path(column).asDouble(), 2, 2)))
                            .append('\n');
                }
            }
            return text.toString();
        }
    }
}
