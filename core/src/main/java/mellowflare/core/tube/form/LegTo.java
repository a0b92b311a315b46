package mellowflare.core.tube.form;

/** To where a rule was laid at a corner. */
public enum LegTo {
    CENTRE(Say.it("leg-to.centre-line"), 0),
    /** The outer corner, where a straight edge along the outside of both legs would meet. */
    OUTSIDE(Say.it("leg-to.outside"), 1),
    INSIDE(Say.it("leg-to.inside"), -1);

    private final String word;
    private final int side;

    LegTo(String word, int side) {
        this.word = word;
        this.side = side;
    }

    public String word() {
        return word;
    }

    /** How far the corner of that side lies beyond the corner of the centre line (mm), for an outside diameter and a deflection. */
    double beyond(double outsideMm, double bendRadians) {
        return side * outsideMm / 2 * Math.tan(bendRadians / 2);
    }
}
