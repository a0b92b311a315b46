package mellowflare.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndSearch;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Together;
import mellowflare.core.connection.TradeWords;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.lookalike.Comparison;
import mellowflare.core.lookalike.LookAlikePair;
import mellowflare.core.lookalike.LookAlikes;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.sealing.JointLimits;
import mellowflare.core.sealing.LubricantPlace;
import mellowflare.core.sealing.Lubricants;
import mellowflare.core.sealing.MakeUp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/**
 * What follows from the tables alone, loaded anew, line by line as it was when it was last looked through: which ends there are, what goes on what, what is taken for what, what eases which joint. A line that differs is a fault or to be taken over ({@link Stands}).
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TablesStandTest {
    /** Loaded anew for each test: what loads them is looked at too. */
    private final ReferenceData data = ShippedData.load();

    private static String brief(End e) {
        return e.brief() + " " + e.gender().word();
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.3f", mm);
    }

    @Test
    void testEndsStandAsTheyWereLookedThrough() {
        EndTable ends = data.get(EndTable.KEY);
        List<String> lines = new ArrayList<>();
        for (End e : ends.all()) {
            lines.add(brief(e) + ": " + e.threadName() + " "
                    + e.across()
                            .map(a -> mm(a.low().mm()) + " to " + mm(a.high().mm()))
                            .orElse("-") + " " + e.tube().map(t -> mm(t.mm())).orElse("-") + " " + e.seats() + " "
                    + String.format(Locale.ROOT, "%.6f", e.share()) + (e.leftHand() ? " left" : "") + " "
                    + e.ring().map(Object::toString).orElse("-"));
        }
        Stands.as(getClass(), "ends.txt", lines);
    }

    @Test
    void testWhatGoesOnWhatStandsAsItWasLookedThrough() {
        EndTable ends = data.get(EndTable.KEY);
        List<String> lines = new ArrayList<>();
        for (End e : ends.all()) {
            lines.add(brief(e) + ": "
                    + ends.goOn(e).stream()
                            .map(o -> brief(o) + " "
                                    + Together.of(e, o)
                                            .map(t -> t.how() + " " + t.seats()
                                                    + t.onlyIf().orElse(""))
                                            .orElse("own mate"))
                            .collect(Collectors.joining("; ")));
        }
        Stands.as(getClass(), "goes-on.txt", lines);
    }

    @Test
    void testWhatIsTakenForWhatStandsAsItWasLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (End e : data.get(EndTable.KEY).all()) {
            lines.add(brief(e) + ": "
                    + data.get(LookAlikes.KEY).of(e.id()).stream()
                            .map(l -> brief(l.other()) + " " + l.kind() + " "
                                    + mm(l.crestGap().mm()))
                            .collect(Collectors.joining("; ")));
        }
        lines.add(data.get(LookAlikes.KEY).pairs().size() + " pairs");
        Stands.as(getClass(), "look-alikes.txt", lines);
    }

    @Test
    void testSealsAndLimitsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (LubricantPlace place : LubricantPlace.values()) {
            lines.add(place + ": "
                    + data.get(Lubricants.KEY)
                            .of(place, Optional.empty(), Practice.USUAL)
                            .substance());
            for (Fluid f : data.get(FluidTable.KEY).all()) {
                lines.add(place + " " + f.id() + ": "
                        + data.get(Lubricants.KEY)
                                .of(place, Optional.of(f), Practice.USUAL)
                                .substance());
            }
        }
        data.get(JointLimits.KEY).all().forEach(l -> lines.add(l.toString()));
        for (End e : data.get(EndTable.KEY).all()) {
            for (MakeUp.Material m : MakeUp.Material.values()) {
                if (e.tapered() && e.id().code() == EndCode.NPT) {
                    lines.add(brief(e) + " " + m + ": "
                            + data.get(MakeUp.KEY)
                                    .of(e.id().code(), e.across().orElseThrow().high(), m));
                }
            }
        }
        Stands.as(getClass(), "seals.txt", lines);
    }

    @Test
    void testWhatIsFoundByWordsStandsAsItWasLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (String words : List.of(
                "jic 8",
                "-8",
                "3/4-16",
                "g 1/2",
                "1/2",
                "npt 1/2 male",
                "orb -8 female",
                "m22x1.5",
                "12 mm",
                "flare 45",
                "brake",
                "left",
                "hydraulic 3/4",
                "ring",
                "garden",
                "refrigerant 1/4",
                "no such words",
                "bsp 3/8 female cone",
                "24 s12")) {
            lines.add(words + ": "
                    + data.get(EndSearch.KEY).find(words).stream()
                            .limit(12)
                            .map(TablesStandTest::brief)
                            .collect(Collectors.joining("; ")));
        }
        for (End e : data.get(EndTable.KEY).all()) {
            lines.add(brief(e) + " is called "
                    + new TreeMap<>(data.get(TradeWords.KEY).of(e)));
        }
        Stands.as(getClass(), "words.txt", lines);
    }

    @Test
    void testGroupsOfEndsStandAsTheyWereLookedThrough() {
        EndTable ends = data.get(EndTable.KEY);
        List<String> lines = new ArrayList<>();
        lines.add("services " + new TreeSet<>(ends.services()));
        lines.add("regions " + new TreeSet<>(ends.regions()));
        lines.add("machines " + new TreeSet<>(ends.machines()));
        for (Gender gender : Gender.values()) {
            lines.add(gender + " " + ends.of(gender).size());
            for (Body body : Body.values()) {
                lines.add(gender + " " + body + " " + ends.seats(body, gender));
            }
        }
        for (EndCode code : EndCode.values()) {
            lines.add(code + " " + ends.sizes(code));
        }
        Stands.as(getClass(), "groups.txt", lines);
    }

    @Test
    void testComparisonsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        List<LookAlikePair> pairs = data.get(LookAlikes.KEY).pairs();
        pairs.forEach(
                p -> lines.add(brief(p.one()) + " and " + brief(p.lookAlike().other())));
        for (int i = 0; i < pairs.size(); i += 40) {
            LookAlikePair p = pairs.get(i);
            lines.add(brief(p.one()) + " beside " + brief(p.lookAlike().other()));
            Comparison.of(p.one(), p.lookAlike().other(), UnitSystem.METRIC, data)
                    .rows()
                    .forEach(r -> lines.add("  " + r));
        }
        Stands.as(getClass(), "compared.txt", lines);
    }
}
