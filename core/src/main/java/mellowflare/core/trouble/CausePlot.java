package mellowflare.core.trouble;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.ShareBars;

/** The likeliest causes as bars below each other, and last what is in no table. */
public final class CausePlot {
    private static final int MOST = 6;

    private CausePlot() {}

    /** Bars of shares of the whole, each with its name at the left and its share at the right. */
    public static Drawing of(Diagnosis d, UnitSystem units) {
        List<ShareBars.Bar> bars = new ArrayList<>();
        for (Diagnosis.Suspect s :
                d.suspects().subList(0, Math.min(MOST, d.suspects().size()))) {
            boolean named = d.named().filter(s::equals).isPresent();
            bars.add(new ShareBars.Bar(s.cause().name(), s.share(), named ? Fill.DEEP : Fill.MIDDLE));
        }
        bars.add(new ShareBars.Bar(Say.it("cause-plot.unknown"), d.unknown(), Fill.PALE));
        return ShareBars.of(bars, units);
    }
}
