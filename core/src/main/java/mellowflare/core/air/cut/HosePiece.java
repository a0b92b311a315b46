package mellowflare.core.air.cut;

import mellowflare.core.measure.Length;

/**
 * A length of hose to cut.
 *
 * @param name of the piece of the walk, or of the outlet that it serves
 * @param bore of the hose
 * @param length to cut
 */
public record HosePiece(String name, Length bore, Length length) {
    /** Clamps or ferrules, one at each end. */
    public static final int CLAMPS = 2;
}
