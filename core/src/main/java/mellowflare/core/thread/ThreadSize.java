package mellowflare.core.thread;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Source;

/**
 * One size of one thread series, with the bands in which a fitter's reading over the crests should fall.
 *
 * @param series its series
 * @param size the size text of the trade: {@code 1/2}, {@code 9/16-18}
 * @param form the profile
 * @param major basic major diameter; for taper thread at the gauge plane (BSPT) or the pipe's outside diameter (NPT)
 * @param pitch crest to crest
 * @param tapered whether it tapers 1 in 16 on diameter
 * @param maleCrest outside diameter over the crests, at the large end of sound thread
 * @param femaleCrest inside diameter over the crests, at the mouth
 * @param handTight engagement by hand (taper threads)
 * @param useful length of useful thread (taper threads)
 * @param usual whether the size is in everyday use
 * @param source table it was taken from
 */
public record ThreadSize(
        ThreadSeries series,
        String size,
        ThreadForm form,
        Length major,
        Pitch pitch,
        boolean tapered,
        LengthBand maleCrest,
        LengthBand femaleCrest,
        Optional<Length> handTight,
        Optional<Length> useful,
        boolean usual,
        Source source) {

    /** Growth of diameter along a taper thread: 1 in 16. */
    public static final double TAPER_ON_DIAMETER = 1.0 / 16;

    /** As the trade names the thread: {@code 1/2-14 NPT}, {@code G 1/2}, {@code 9/16-18 UN}. */
    public String name() {
        return switch (series) {
            case NPT -> size + "-" + LengthFormat.decimal(pitch.marking(), 1, 0) + " NPT";
            case BSPT -> "R " + size;
            case BSPP -> "G " + size;
            case UNIFIED -> size + " UN";
            case METRIC, METRIC_TAPER, GAS -> size;
            case NPSM -> size + "-" + LengthFormat.decimal(pitch.marking(), 1, 0) + " NPSM";
            case HOSE -> size + "-" + LengthFormat.decimal(pitch.marking(), 1, 0) + " NH";
        };
    }
}
