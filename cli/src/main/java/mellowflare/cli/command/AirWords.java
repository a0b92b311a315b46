package mellowflare.cli.command;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;

/** Words that the commands about air share. */
public final class AirWords {
    private AirWords() {}

    /** The state in which free air is counted; ISO 1217 when not said. */
    public static AirReference reference(Fields f) throws Refused {
        Optional<String> said = f.text("reference");
        if (said.isEmpty()) {
            return AirReference.ISO1217;
        }
        Optional<AirReference> found = AirReference.named(said.get());
        if (found.isEmpty()) {
            throw f.wrong(
                    "reference",
                    Say.it(
                            "air-words.not-known-here-use",
                            "words",
                            said.get(),
                            "stream",
                            Arrays.stream(AirReference.values())
                                    .map(AirReference::word)
                                    .collect(Collectors.joining(", "))));
        }
        return found.get();
    }

    /** Pressure of the air around (bar absolute); that of sea level when not said. */
    public static AbsolutePressure barometer(Fields f) throws Refused {
        return f.barometer("barometer").orElse(AbsolutePressure.SEA_LEVEL);
    }
}
