package mellowflare.core.gas.layout;

import mellowflare.core.measure.Length;

/**
 * A flexible piece.
 *
 * @param length of the hose, above zero
 * @param bore 1 to 100 mm
 * @param sort what it is
 * @param coupler whether it comes off by a quick coupler
 */
public record Connector(Length length, Length bore, HoseSort sort, boolean coupler) {
    public Connector {
        if (length.mm() <= 0 || length.compareTo(Piece.LONGEST) > 0 || bore.mm() < 1 || bore.mm() > 100) {
            throw new IllegalArgumentException("A gas hose has a length above zero and a bore of 1 to 100 mm");
        }
    }

    public Connector withSort(HoseSort s) {
        return new Connector(length, bore, s, coupler);
    }
}
