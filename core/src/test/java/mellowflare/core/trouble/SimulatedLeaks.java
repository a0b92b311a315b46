package mellowflare.core.trouble;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.job.ShippedData;
import mellowflare.core.parts.Attach;
import mellowflare.core.reference.ReferenceData;

/**
 * Leaks drawn from a bench of its own, not from the table of causes: what a cause does is written here as marks that its damage leaves, plain or faint, and a fitter who overlooks some and imagines others. Nothing of it is
 * read from {@code causes.csv} but the names.
 */
final class SimulatedLeaks {
    static final ReferenceData DATA = ShippedData.get();

    /** Cause; where it is; what is plain; what is faint; when, first, since as they mostly are. */
    private static final String[] MARKS = {
        "ring-dry|boss|ring-rolled|ring-torn|pressure pulse|ring thread|new reopened",
        "jam-nut|boss|ring-torn||pressure pulse|ring nut|new reopened",
        "washer-loose|boss|washer-loose||pressure pulse|ring nut|new reopened slowly",
        "ring-compound|boss|ring-swollen|ring-flat|hot pressure|ring|slowly conversion",
        "ring-lost|boss|ring-missing||pressure rest|ring thread|new reopened",
        "port-lead-in|boss|chamfer-only|ring-torn|pressure pulse|ring thread|new",
        "ring-old|boss|ring-flat||pressure cold rest|ring|slowly",
        "flare-short|flare|narrow-rim|ring-mark-incomplete|pressure rest|cone thread|new",
        "flare-long|flare|wide-rim|nut-will-not-pass|pressure rest|cone nut|new",
        "flare-twice|flare|double-rim|crack|pressure rest|cone thread|new reopened",
        "flare-off-centre|flare|mark-off-centre|ring-mark-incomplete|pressure rest|cone|new",
        "flare-crooked|flare|ring-mark-incomplete|mark-off-centre|pressure rest|cone thread|new",
        "flare-hard|flare|crack||pressure pulse|cone nut|new suddenly",
        "seat-nicked|flare|scratch||pressure rest|cone thread|reopened new",
        "nut-thread|flare|nut-binds||pressure rest|nut thread|reopened new",
        "angle-mixed|flare|thin-mark||pressure rest|cone|new",
        "sealant-on-cone|flare|sealant-on-cone||pressure rest|cone thread|new reopened",
        "not-tight|flare|turns-in-by-hand||pressure pulse rest|nut thread cone|new reopened",
        "taper-few-wraps|taper|little-sealant||pressure rest|thread|new reopened",
        "taper-thin-paste|taper|paste-runny||pressure rest|thread|new slowly",
        "taper-split|taper|split-female|few-threads-left|pressure rest|body thread|new suddenly",
        "taper-backed-off|taper|backed-off||pressure rest|thread|new reopened",
        "wrong-family|taper|turns-in-by-hand nut-binds||pressure rest|thread|new",
        "taper-plastic|taper|plastic-thread|crack|pressure hot|thread body|slowly new",
        "hose-crept|reusable|witness-moved|gap-wide|pressure pulse|socket|slowly suddenly",
        "rubber-shaved|reusable|shaved-rubber||pressure pulse|socket|new",
        "gap-wrong|reusable|gap-wide|gap-closed|pressure pulse|socket|new",
        "strand-caught|reusable|strand||pressure pulse|socket|new",
        "crimp-die|crimped|crimp-off||pressure pulse|socket|new slowly",
        "crimp-depth|crimped|witness-moved||pressure pulse|socket|new suddenly",
        "sub-size|crimped|end-turns||pressure pulse|socket|new suddenly",
        "blister|hose|blister|soft-hose|pressure pulse|cover|slowly suddenly",
        "rubbed|hose|cover-rubbed||pressure pulse|cover|slowly suddenly",
        "twist|hose|twisted||pulse pressure|socket cover|new suddenly",
        "heat|hose|hard-hose|crack|hot pressure|cover socket|slowly",
        "tight|hose|pulled-straight||running pressure|socket|new suddenly",
        "kink|hose|kinked||pressure pulse|socket cover|new suddenly slowly",
        "age|hose|crack|hard-hose|pressure cold|cover socket|slowly",
        "valve-chip|valve|chip||rest pressure|outlet|reopened suddenly",
        "valve-washer|valve|washer-worn||rest pressure|outlet|slowly",
        "valve-seat|valve|seat-cut|washer-worn|rest pressure|outlet|slowly",
        "washer-off-step|washer|washer-off-step||pressure rest|ring nut|new reopened",
        "washer-reused|washer|washer-marked||pressure rest|ring|reopened",
        "permeation|aircon|no-leak-found||rest hot|cover socket|slowly",
        "conversion-rings|aircon|ring-swollen ring-flat||rest pressure|ring|conversion",
        "leg-full|air|water-at-tool leg-full||running|tool|slowly suddenly",
        "no-leg|air|water-at-tool no-leg||running|tool|new slowly",
        "hose-low|air|water-at-tool hose-sags||running|tool|slowly new",
        "drop-from-below|air|water-at-tool drop-from-below||running|tool|new",
        "pipe-undersized|air|low-at-tool||running|tool|new slowly",
        "choked|air|screen-dirty|low-at-tool|running|tool|slowly suddenly",
        "leaks-elsewhere|air|hiss|starts-often|rest pressure|thread nut body|slowly",
        "receiver-small|air|starts-often||running|tool|new slowly",
        "cut-in-low|air|low-everywhere||running|tool|slowly suddenly"
    };

    private static final double IMAGINED = 0.01;
    private static final String[] WHENS = {"rest", "pressure", "pulse", "hot", "cold", "running"};
    private static final String[] FIRSTS = {"thread", "cone", "ring", "nut", "socket", "cover", "body", "outlet", "tool"
    };
    private static final String[] SINCES = {"new", "reopened", "slowly", "suddenly"};

    /**
     * One leak: what is said at first, and what a look shows.
     *
     * @param cause the true one; empty for one that is in no table
     */
    record Leak(Optional<String> cause, TroubleAsk ask, Set<String> marks) {}

    private final Random random;
    private final Map<String, String[]> rows = new LinkedHashMap<>();

    SimulatedLeaks(long seed) {
        this.random = new Random(seed);
        for (String row : MARKS) {
            String[] cells = row.split("\\|", -1);
            rows.put(cells[0], cells);
        }
    }

    /** A leak with a cause that the table holds; commoner causes come oftener, by a shop that differs from the house figures. */
    Leak known() {
        List<Cause> causes = DATA.get(TroubleTable.KEY).causes().stream()
                .filter(c -> rows.containsKey(c.id()))
                .toList();
        double[] weights = causes.stream()
                .mapToDouble(c -> c.prior() * Math.exp(0.3 * random.nextGaussian()))
                .toArray();
        double at = random.nextDouble() * Arrays.stream(weights).sum();
        int i = 0;
        while (at > weights[i] && i < weights.length - 1) {
            at -= weights[i++];
        }
        String[] row = rows.get(causes.get(i).id());
        double severity = 0.4 + 0.6 * random.nextDouble();
        Set<String> marks = new HashSet<>();
        for (String plain : words(row[2])) {
            if (random.nextDouble() < 0.75 + 0.24 * severity) {
                marks.add(plain);
            }
        }
        for (String faint : words(row[3])) {
            if (random.nextDouble() < 0.45 * severity) {
                marks.add(faint);
            }
        }
        imagine(marks);
        TroubleAsk ask = place(row[1])
                .withAnswer(SignGroup.WHEN, Optional.of(mostly(words(row[4]), WHENS)))
                .withAnswer(SignGroup.FIRST, Optional.of(mostly(words(row[5]), FIRSTS)))
                .withAnswer(SignGroup.SINCE, Optional.of(mostly(words(row[6]), SINCES)));
        return new Leak(Optional.of(row[0]), ask, marks);
    }

    /** A leak of a cause that is in no table: somewhere, some time, with hardly a mark that anybody knows. */
    Leak unknown() {
        List<String[]> all = new ArrayList<>(rows.values());
        Set<String> marks = new HashSet<>();
        imagine(marks);
        TroubleAsk ask = place(all.get(random.nextInt(all.size()))[1])
                .withAnswer(SignGroup.WHEN, Optional.of(WHENS[random.nextInt(WHENS.length)]))
                .withAnswer(SignGroup.FIRST, Optional.of(FIRSTS[random.nextInt(FIRSTS.length)]))
                .withAnswer(SignGroup.SINCE, Optional.of(SINCES[random.nextInt(SINCES.length)]));
        return new Leak(Optional.empty(), ask, marks);
    }

    private void imagine(Set<String> marks) {
        DATA.get(TroubleTable.KEY).of(SignGroup.SEEN).stream()
                .filter(s -> random.nextDouble() < IMAGINED)
                .forEach(s -> marks.add(s.id()));
    }

    private static List<String> words(String cell) {
        return cell.isBlank() ? List.of() : List.of(cell.split(" "));
    }

    /** The first word in two of three cases, then the others, and now and then anything. */
    private String mostly(List<String> usual, String[] any) {
        if (random.nextDouble() < 0.08) {
            return any[random.nextInt(any.length)];
        }
        return usual.size() == 1 || random.nextDouble() < 0.62
                ? usual.get(0)
                : usual.get(1 + random.nextInt(usual.size() - 1));
    }

    /** What leaks, with its joint known in most cases. */
    private TroubleAsk place(String family) {
        boolean said = random.nextDouble() < 0.75;
        return switch (family) {
            case "boss" -> joint(What.HOSE, EndCode.ORB, "-8", said);
            case "flare" -> joint(What.TUBE, EndCode.JIC37, "-8", said);
            case "taper" -> joint(What.PIPE, EndCode.NPT, "1/2", said);
            case "reusable" ->
                TroubleAsk.of(What.HOSE).withAttach(said ? Optional.of(Attach.REUSABLE) : Optional.empty());
            case "crimped" ->
                TroubleAsk.of(What.HOSE).withAttach(said ? Optional.of(Attach.CRIMPED) : Optional.empty());
            case "hose" ->
                TroubleAsk.of(What.HOSE)
                        .withAttach(Optional.of(random.nextBoolean() ? Attach.CRIMPED : Attach.REUSABLE));
            case "aircon" ->
                TroubleAsk.of(What.HOSE).withFluid(DATA.get(FluidTable.KEY).find("r134a"));
            case "washer" -> TroubleAsk.of(What.WATER);
            case "valve" -> TroubleAsk.of(What.VALVE);
            default -> TroubleAsk.of(What.AIR);
        };
    }

    private static TroubleAsk joint(What what, EndCode code, String size, boolean said) {
        return TroubleAsk.of(what)
                .withJoint(
                        said
                                ? DATA.get(EndTable.KEY).all().stream()
                                        .filter(e -> e.id().code() == code
                                                && e.id().size().equals(size)
                                                && e.gender() == Gender.FEMALE)
                                        .findFirst()
                                : Optional.empty());
    }
}
