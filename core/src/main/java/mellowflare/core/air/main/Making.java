package mellowflare.core.air.main;

import java.util.List;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;

/**
 * How the main is cut and hung.
 *
 * @param kerf width of the cut
 * @param trim whether every bar gets a fresh end first
 * @param parcel whether bars come as parcels (short) and not by truck (long)
 * @param hung what it hangs from
 * @param rod from that down to the pipe at its highest place, for rods; elsewhere they are longer by the fall
 * @param nipples whether short threaded pieces are bought as nipples and long ones cut and threaded to order, instead of threading them here
 * @param old bars at hand, used first
 */
public record Making(
        Length kerf, boolean trim, boolean parcel, Hung hung, Length rod, boolean nipples, List<OldBar> old) {
    public static final Length WIDEST_KERF = CutTask.WIDEST_KERF;
    public static final Length LONGEST_ROD = Length.ofMm(10_000);

    public static final Making USUAL =
            new Making(Length.ofMm(1.5), true, false, Hung.MASONRY, Length.ofMm(300), false, List.of());

    public Making {
        old = List.copyOf(old);
        if (kerf.mm() < 0 || kerf.compareTo(WIDEST_KERF) > 0) {
            throw new IllegalArgumentException("A kerf lies between 0 and 20 mm, not " + kerf.mm());
        }
        if (rod.mm() < 0 || rod.compareTo(LONGEST_ROD) > 0) {
            throw new IllegalArgumentException("A rod is up to 10 m long, not " + rod.mm() + " mm");
        }
    }

    /** What a main hangs from. */
    public enum Hung {
        MASONRY(Say.it("making.masonry-wall"), Say.it("making.plug-screw-clip-30")),
        TIMBER(Say.it("making.timber-wall"), Say.it("making.wood-screw-clip-30")),
        STEEL(Say.it("making.steel-beam"), Say.it("making.beam-clamp-threaded-rod")),
        CEILING(Say.it("making.ceiling"), Say.it("making.anchor-threaded-rod-with"));

        private final String word;
        private final String how;

        Hung(String word, String how) {
            this.word = word;
            this.how = how;
        }

        public String word() {
            return word;
        }

        /** How it is fixed there. */
        public String how() {
            return how;
        }

        /** Whether it hangs on rods. */
        public boolean onRods() {
            return this == STEEL || this == CEILING;
        }
    }

    /**
     * Bars at hand.
     *
     * @param system id of the system
     * @param size of it
     * @param length of each, above zero
     * @param count one or more
     */
    public record OldBar(String system, String size, Length length, int count) {
        public OldBar {
            if (length.mm() <= 0 || count < 1) {
                throw new IllegalArgumentException("An old bar has a length above zero, and there is one at least");
            }
        }
    }

    public Making withKerf(Length k) {
        return new Making(k, trim, parcel, hung, rod, nipples, old);
    }

    public Making withTrim(boolean t) {
        return new Making(kerf, t, parcel, hung, rod, nipples, old);
    }

    public Making withParcel(boolean p) {
        return new Making(kerf, trim, p, hung, rod, nipples, old);
    }

    public Making withHung(Hung h) {
        return new Making(kerf, trim, parcel, h, rod, nipples, old);
    }

    public Making withRod(Length r) {
        return new Making(kerf, trim, parcel, hung, r, nipples, old);
    }

    public Making withNipples(boolean n) {
        return new Making(kerf, trim, parcel, hung, rod, n, old);
    }

    public Making withOld(List<OldBar> o) {
        return new Making(kerf, trim, parcel, hung, rod, nipples, o);
    }
}
