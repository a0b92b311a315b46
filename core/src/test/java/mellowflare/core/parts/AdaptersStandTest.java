package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import org.junit.jupiter.api.Test;

/** Every two of some ends, asked for in several ways: the chains that join them, and all that is said against it. */
class AdaptersStandTest {
    private static End end(EndCode code, String size, Gender gender) {
        return Samples.DATA
                .get(EndTable.KEY)
                .find(Samples.id(code, size, gender))
                .orElseThrow();
    }

    private static final List<End> ENDS = List.of(
            end(EndCode.ORB, "-8", Gender.FEMALE),
            end(EndCode.JIC37, "-8", Gender.FEMALE),
            end(EndCode.JIC37, "-8", Gender.MALE),
            end(EndCode.SAE45, "1/2", Gender.FEMALE),
            end(EndCode.NPT, "1/2", Gender.FEMALE),
            end(EndCode.NPT, "1/2", Gender.MALE),
            end(EndCode.NPSM, "1/2", Gender.FEMALE),
            end(EndCode.BSPP, "1/2", Gender.FEMALE),
            end(EndCode.ORFS, "-8", Gender.FEMALE),
            end(EndCode.CODE61, "-16", Gender.FEMALE));

    private static Map<String, AdapterAsk> asked(AdapterAsk plain) {
        Map<String, AdapterAsk> all = new LinkedHashMap<>();
        all.put("any", plain);
        all.put("shelf", plain.fromShelf());
        all.put("90 degrees", plain.turning(Angle.ofDegrees(90)));
        all.put("300 bar", plain.bearing(GaugePressure.ofBar(300)));
        all.put("999 bar", plain.bearing(GaugePressure.ofBar(999)));
        return all;
    }

    private static String chain(AdapterChain c) {
        return c.links().stream()
                .map(l -> l.part().part() + (l.turned() ? " turned" : ""))
                .collect(Collectors.joining(", "));
    }

    @Test
    void testChainsAndWhatIsSaidOfThemStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (End from : ENDS) {
            for (End to : ENDS.subList(ENDS.indexOf(from), ENDS.size())) {
                asked(AdapterAsk.of(from, to)).forEach((name, ask) -> {
                    AdapterCase c = AdapterCase.of(ask, Samples.DATA);
                    lines.add(
                            from.id().text() + " to " + to.id().text() + ", " + name + (c.direct() ? ", direct" : ""));
                    c.chains().forEach(chain -> lines.add("  " + chain(chain)));
                    Stands.findings(c.findings().stream()
                                    .filter(f -> f.state() == State.FAIL)
                                    .toList())
                            .forEach(f -> lines.add("  " + f));
                });
            }
        }
        Stands.as(getClass(), "adapters.txt", lines);
    }
}
