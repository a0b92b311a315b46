package mellowflare.core.run.cut;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Walked;

/**
 * The threaded rods that a line hangs on. What they hang from is taken as level: the rod at the highest place of the line has the length that was asked for, and every other one is longer by what the line has fallen
 * to there.
 */
public final class Rods {
    /** From the end of a stretch to its first hanger. */
    private static final Length END = Length.ofMm(300);

    private final Length shortest;
    private final Fall fall;
    private final double top;

    private Rods(Length shortest, Fall fall, double top) {
        this.shortest = shortest;
        this.fall = fall;
        this.top = top;
    }

    /**
     * One rod.
     *
     * @param stretch name of the stretch that hangs there
     * @param number of the hanger along it, from one
     * @param along from the beginning of the stretch to the hanger
     * @param length of the rod
     */
    public record Rod(String stretch, int number, Length along, Length length) {}

    /**
     * The rods of a line, as it hangs with its fall.
     *
     * @param shortest length of the rod at the highest place
     */
    public static Rods of(Length shortest, Walked walked, Fall fall) {
        double top = Double.NEGATIVE_INFINITY;
        for (Walked.Run r : walked.runs()) {
            if (r.level() && r.kind() == Walked.Kind.MAIN) {
                top = Math.max(
                        top,
                        Math.max(fall.height(r.from()).mm(), fall.height(r.to()).mm()));
            }
        }
        return new Rods(shortest, fall, top);
    }

    /** From the shortest to the longest, as “300 mm to 540 mm”; one length where all are alike. */
    public static String span(List<Rod> rods, UnitSystem units) {
        DoubleSummaryStatistics mm =
                rods.stream().mapToDouble(r -> r.length().mm()).summaryStatistics();
        String least = LengthFormat.shop(Length.ofMm(mm.getMin()), units);
        String most = LengthFormat.shop(Length.ofMm(mm.getMax()), units);
        return least.equals(most) ? least : Say.it("rods.text", "least", least, "most", most);
    }

    /** How many hangers a stretch needs: ceil((L - 2e) / s) + 1, and one for a short stretch. */
    static int hangers(Length length, Length spacing) {
        double clear = length.mm() - 2 * END.mm();
        return clear <= 0 ? 1 : (int) Math.ceil(clear / spacing.mm() - 1e-9) + 1;
    }

    /** The rods along a stretch; none for one that does not lie level. The first and the last stand by its ends, the rest evenly between. */
    public List<Rod> along(Stretch s) {
        Walked.Run first = s.runs().get(0);
        if (!first.level() || s.hangers() == 0) {
            return List.of();
        }
        double begins = fall.height(s.from()).mm();
        double ends = fall.height(s.to()).mm();
        double length = s.centres().mm();
        List<Rod> rods = new ArrayList<>(s.hangers());
        for (int i = 0; i < s.hangers(); i++) {
            double x = s.hangers() == 1 ? length / 2 : END.mm() + (length - 2 * END.mm()) * i / (s.hangers() - 1);
            double height = begins + (ends - begins) * x / length;
            rods.add(new Rod(s.name(), i + 1, Length.ofMm(x), Length.ofMm(shortest.mm() + top - height)));
        }
        return rods;
    }
}
