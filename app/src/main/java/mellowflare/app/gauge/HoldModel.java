package mellowflare.app.gauge;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import mellowflare.app.desk.Desk;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.identify.Identification;
import mellowflare.core.measure.Length;
import mellowflare.core.section.HoldUp;

/** Holding a part to the screen, without a window: true size once a card was laid on the outline, kept for the next time. */
public final class HoldModel {
    private static final String KEPT = "screen-dots-per-mm";
    /** About 96 dots to the inch, where most screens begin. */
    private static final double FIRST_GUESS = 96 / Length.MM_PER_INCH;

    private static final double FEWEST = 1.5;
    private static final double MOST = 20;

    private final Desk desk;
    private final BooleanProperty held = new SimpleBooleanProperty(false);
    private final BooleanProperty trueSize = new SimpleBooleanProperty(false);
    private final DoubleProperty dotsPerMm = new SimpleDoubleProperty(FIRST_GUESS);

    public HoldModel(Desk desk) {
        this.desk = desk;
        desk.keeper().ask(book -> book.preference(KEPT), this::known, desk::tell);
    }

    private void known(Optional<String> kept) {
        kept.flatMap(HoldModel::number).ifPresent(d -> {
            dotsPerMm.set(d);
            trueSize.set(true);
        });
    }

    private static Optional<Double> number(String text) {
        try {
            double dots = Double.parseDouble(text);
            return dots >= FEWEST && dots <= MOST ? Optional.of(dots) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** Whether the page shows what to hold a part against instead of the section. */
    public BooleanProperty heldProperty() {
        return held;
    }

    /** Whether a card was laid on the outline and fitted. */
    public BooleanProperty trueSizeProperty() {
        return trueSize;
    }

    public DoubleProperty dotsPerMmProperty() {
        return dotsPerMm;
    }

    /** Makes the outline of the card wider or narrower by dots of its width. */
    public void widen(double dots) {
        double wider = dotsPerMm.get() + dots / HoldUp.CARD_WIDTH.mm();
        dotsPerMm.set(Math.max(FEWEST, Math.min(MOST, wider)));
    }

    /** The card fits its outline: from now on everything here is at true size. */
    public void fits() {
        trueSize.set(true);
        String dots = Double.toString(dotsPerMm.get());
        desk.keeper().remember(KEPT, dots, () -> desk.tell(Say.it("hold-model.true-size-kept-for")), desk::tell);
    }

    /** Begins with the card again, as after a change of screen. */
    public void again() {
        trueSize.set(false);
    }

    /** What is shown: the card first, then combs and rings of the likeliest ends. */
    public Drawing drawing(Identification answer) {
        return trueSize.get() ? HoldUp.of(answer, desk.units()) : HoldUp.card();
    }
}
