package mellowflare.cli.command;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.reference.ReferenceData;

/** Fields that several commands read alike. */
public final class Shared {
    private Shared() {}

    /** The fluid by its id. */
    public static Optional<Fluid> fluid(Fields f, ReferenceData data) throws Refused {
        Optional<String> id = f.text("fluid");
        FluidTable fluids = data.get(FluidTable.KEY);
        Optional<Fluid> fluid = id.flatMap(fluids::find);
        Optional<FluidTable.Refused> refused = id.flatMap(fluids::refused);
        if (refused.isPresent()) {
            throw f.wrong("fluid", refused.get().says());
        }
        if (id.isPresent() && fluid.isEmpty()) {
            throw f.wrong(
                    "fluid",
                    Say.it(
                            "shared.not-known-here-use",
                            "id",
                            id.get(),
                            "stream",
                            fluids.all().stream().map(Fluid::id).collect(Collectors.joining(", "))));
        }
        return fluid;
    }

    /** The methods by topic; what is not named stays usual. */
    public static Practice practice(Fields f, ReferenceData data) throws Refused {
        Practice practice = Practice.USUAL;
        Methods methods = data.get(Methods.KEY);
        for (Map.Entry<String, MethodTopic> topic :
                Words.of(MethodTopic.values()).entrySet()) {
            Map<String, String> known = new HashMap<>();
            methods.of(topic.getValue()).stream().map(Method::id).forEach(id -> known.put(id, id));
            Optional<String> chosen = f.word(topic.getKey(), known);
            if (chosen.isPresent()) {
                practice = practice.with(topic.getValue(), chosen.get());
            }
        }
        f.nothingElse();
        return practice;
    }

    /** What a line must do. */
    public static Service service(Fields f, ReferenceData data) throws Refused {
        Optional<String> fluid = fluid(f, data).map(Fluid::id);
        Service service = new Service(
                fluid,
                f.pressure("working"),
                f.pressure("peak"),
                f.temperature("fluidTemperature"),
                f.flow("flow"),
                f.word("duty", Words.of(Duty.values())).orElse(Duty.PRESSURE),
                new Ambient(
                        f.temperature("surroundings"),
                        f.word("moves", Words.of(Ambient.Moves.values())),
                        f.word("opener", Words.of(Ambient.Opener.values())),
                        f.has("wet") ? Optional.of(f.flag("wet")) : Optional.empty()),
                f.word("pressureTables", Words.of(PressureBasis.values())).orElse(PressureBasis.INCH),
                f.word("work", Words.of(Work.values())));
        f.nothingElse();
        return service;
    }

    /** An end by family, size and gender. */
    public static EndId endId(Fields f) throws Refused {
        return new EndId(f.needWord("code", Words.CODES), f.needText("size"), f.needWord("gender", Words.GENDERS));
    }

    /** An end by family and size; what is asked of it is alike on both sides of a joint, so that the gender may be left out. */
    public static End eitherSide(Fields f, ReferenceData data) throws Refused {
        EndCode code = f.needWord("code", Words.CODES);
        String size = f.needText("size");
        EndTable ends = data.get(EndTable.KEY);
        Stream<Gender> genders =
                f.word("gender", Words.GENDERS).map(Stream::of).orElse(Stream.of(Gender.MALE, Gender.FEMALE));
        return genders.flatMap(g -> ends.find(new EndId(code, size, g)).stream())
                .findFirst()
                .orElseThrow(() -> f.wrong(
                        "size",
                        Say.it(
                                "shared.tables-hold-no-sizes",
                                "code",
                                code,
                                "size",
                                size,
                                "sizes",
                                String.join(", ", ends.sizes(code)))));
    }
}
