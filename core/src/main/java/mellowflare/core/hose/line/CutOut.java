package mellowflare.core.hose.line;

import mellowflare.core.measure.Length;

/**
 * A damaged piece cut out of a hose and two ends put on the stubs, joined directly or by a joiner. Each end adds its cut-off to the stub it goes on: from
 * where the hose butts inside to the sealing point.
 *
 * @param damaged length of hose that must go
 * @param addsOne cut-off of the end on one stub
 * @param addsOther cut-off of the end on the other
 * @param joiner sealing point to sealing point of what stands between two alike ends; zero when they mate directly
 */
public record CutOut(Length damaged, Length addsOne, Length addsOther, Length joiner) {
    public CutOut {
        if (damaged.mm() < 0 || addsOne.mm() < 0 || addsOther.mm() < 0 || joiner.mm() < 0) {
            throw new IllegalArgumentException("Lengths of a repair are not below zero");
        }
    }

    /** What ends and joiner put back into the line. */
    public Length adds() {
        return addsOne.plus(addsOther).plus(joiner);
    }

    /** What to cut out so that the line keeps its length: all that the ends put back, and never less than the damage. */
    public Length takeOut() {
        return adds().compareTo(damaged) >= 0 ? adds() : damaged;
    }

    /** How much shorter the line becomes; zero while the ends put back all that was taken. */
    public Length shortBy() {
        return takeOut().minus(adds());
    }

    /** Sound hose that has to go although it is whole, so that the line does not grow. */
    public Length soundTaken() {
        return takeOut().minus(damaged);
    }
}
