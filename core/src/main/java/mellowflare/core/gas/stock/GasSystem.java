package mellowflare.core.gas.stock;

import java.util.Set;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A kind of pipe or tube for gas.
 *
 * @param id stable name
 * @param name as shown
 * @param place where it may lie
 * @param joints that may be made on it
 * @param rough of a new bore
 * @param source which standard
 */
public record GasSystem(String id, String name, Place place, Set<Joint> joints, Length rough, Source source) {
    public GasSystem {
        joints = Set.copyOf(joints);
    }

    /** Where a kind of pipe may lie. */
    public enum Place {
        INSIDE,
        /** In the ground outside only. */
        GROUND
    }

    /** How pipe is joined. */
    public enum Joint {
        THREAD(Say.it("gas-system.thread")),
        WELD(Say.it("gas-system.weld")),
        FLARE(Say.it("gas-system.flare")),
        BRAZE(Say.it("gas-system.braze")),
        PRESS(Say.it("gas-system.press")),
        FUSE(Say.it("gas-system.fuse")),
        /** The fittings that the tube's maker makes for it, and no others. */
        MAKER(Say.it("gas-system.maker")),
        COMPRESSION(Say.it("gas-system.compression")),
        PUSH(Say.it("gas-system.push")),
        SOFT_SOLDER(Say.it("gas-system.soft-solder"));

        private final String word;

        Joint(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    static GasSystem read(CsvTable.Row r) {
        return new GasSystem(
                r.need("id"),
                r.said("name"),
                r.word("place", Place.class),
                r.words("joints", Joint.class),
                r.length("rough_mm"),
                r.source());
    }
}
