package mellowflare.cli.pipe;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.cli.command.Shared;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.offset.Rounding;
import mellowflare.core.pipe.stock.FittingSize;
import mellowflare.core.pipe.stock.FittingSystem;
import mellowflare.core.pipe.stock.PipeGrade;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/** Fields that the commands of rigid pipe read alike. */
final class PipeIn {
    private static final Map<String, Rounding.When> WHEN =
            Map.of("cut", Rounding.When.CUT, "before", Rounding.When.BEFORE);

    private PipeIn() {}

    /** Fittings by their id; empty where they were not given. */
    static Optional<FittingSystem> system(Fields f, String name, ReferenceData data) throws Refused {
        Optional<String> id = f.text(name);
        PipeStock stock = data.get(PipeStock.KEY);
        Optional<FittingSystem> system = id.flatMap(stock::system);
        if (id.isPresent() && system.isEmpty()) {
            throw f.wrong(
                    name,
                    Say.it(
                            "pipe-in.fittings",
                            "id",
                            id.get(),
                            "known",
                            stock.systems().stream().map(FittingSystem::id).collect(Collectors.joining(", "))));
        }
        return system;
    }

    static Optional<String> grade(Fields f, ReferenceData data) throws Refused {
        Optional<String> id = f.text("pipe");
        PipeStock stock = data.get(PipeStock.KEY);
        if (id.isPresent() && stock.grade(id.get()).isEmpty()) {
            throw f.wrong(
                    "pipe",
                    Say.it(
                            "pipe-in.pipe",
                            "id",
                            id.get(),
                            "known",
                            stock.grades().stream().map(PipeGrade::id).collect(Collectors.joining(", "))));
        }
        return id;
    }

    /** A size that the fittings are made in; any name of a size while no fittings are given. */
    static Optional<String> size(Fields f, Optional<FittingSystem> system, ReferenceData data) throws Refused {
        Optional<String> size = f.text("size");
        PipeStock stock = data.get(PipeStock.KEY);
        FittingSystem in = system.orElseGet(() -> stock.systems().get(0));
        if (size.isPresent() && stock.fitting(in, size.get()).isEmpty()) {
            throw f.wrong(
                    "size",
                    Say.it(
                            "pipe-in.size",
                            "size",
                            size.get(),
                            "known",
                            stock.fittings(in).stream().map(FittingSize::size).collect(Collectors.joining(", "))));
        }
        return size;
    }

    /** The setting that a command works in, with the method of rounding that it was given. */
    static Setting setting(Fields f, Optional<Rounding.When> when, UnitSystem units, ReferenceData data)
            throws Refused {
        Practice practice = Shared.practice(f.object("practice"), data);
        if (when.isPresent()) {
            practice = practice.with(MethodTopic.PIPE_ROUNDING, when.get() == Rounding.When.BEFORE ? "before" : "once");
        }
        return new Setting(
                Ports.UNKNOWN, Shared.service(f.object("service"), data), practice, units, MakeLog.EMPTY, data);
    }

    static Optional<Rounding.When> when(Fields f) throws Refused {
        return f.word("roundWhen", new HashMap<>(WHEN));
    }

    /** Rounding, system, pipe and size on a fresh line. */
    static PipeLine line(Fields f, Optional<FittingSystem> system, ReferenceData data) throws Refused {
        return PipeLine.NEW
                .withSystem(system.map(FittingSystem::id))
                .withGrade(grade(f, data))
                .withSize(size(f, system, data))
                .withStep(f.length("roundTo"));
    }
}
