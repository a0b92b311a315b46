package mellowflare.core.pipe.offset;

import java.util.List;

/** How an offset was measured. */
public enum OffsetWay {
    /** Two readings from one straight reference. */
    READINGS(OffsetFigure.READING_1, OffsetFigure.READING_2),
    /** The offset itself. */
    OFFSET(OffsetFigure.OFFSET),
    /** Out of plane: rise and roll. */
    ROLLING(OffsetFigure.RISE, OffsetFigure.ROLL);

    private final List<OffsetFigure> figures;

    OffsetWay(OffsetFigure... figures) {
        this.figures = List.of(figures);
    }

    /** The figures that it takes, beside the overall. */
    public List<OffsetFigure> figures() {
        return figures;
    }

    public String word() {
        return switch (this) {
            case READINGS -> Say.it("offset-way.readings");
            case OFFSET -> Say.it("offset-way.offset");
            case ROLLING -> Say.it("offset-way.rolling");
        };
    }
}
