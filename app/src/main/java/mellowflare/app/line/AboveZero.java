package mellowflare.app.line;

import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/** Fields for lengths. */
public final class AboveZero {
    private AboveZero() {}

    /** A field for a length that may be nothing. */
    public static FieldState<Length> orZero() {
        return new FieldState<>(LengthText::read, (v, u) -> LengthFormat.figure(v, u.other()));
    }

    /** The same for lengths of a room: the other system in metres or feet. */
    public static FieldState<Length> reachOrZero() {
        return new FieldState<>(LengthText::read, (v, u) -> new Figure.OfReach(v).text(u.other()));
    }

    /** A field for a length of a room, which cannot be nothing. */
    public static FieldState<Length> reach() {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u).then(AboveZero::above),
                (v, u) -> new Figure.OfReach(v).text(u.other()));
    }

    /** A field for a length set with a tape or a rule, which cannot be nothing: the other system in whole millimetres or sixteenths. */
    public static FieldState<Length> taped() {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u).then(AboveZero::above), (v, u) -> LengthFormat.shop(v, u.other()));
    }

    /** A field for a length that may be nothing and has a limit, which is refused by name. */
    public static FieldState<Length> upTo(String what, Length most) {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u).then(l -> within(l, what, most, u)),
                (v, u) -> LengthFormat.figure(v, u.other()));
    }

    /** A field for a length that cannot be nothing. */
    public static FieldState<Length> field() {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u).then(AboveZero::above), (v, u) -> LengthFormat.figure(v, u.other()));
    }

    /** A field for a length that cannot be nothing and has a limit, which is refused by name. */
    public static FieldState<Length> field(String what, Length most) {
        return new FieldState<>(
                (t, u) -> LengthText.read(t, u).then(AboveZero::above).then(l -> within(l, what, most, u)),
                (v, u) -> LengthFormat.figure(v, u.other()));
    }

    private static Read<Length> within(Length l, String what, Length most, UnitSystem u) {
        return l.compareTo(most) <= 0
                ? Read.of(l)
                : Read.refuse(
                        Refusal.OUT_OF_RANGE,
                        Say.it("above-zero.up", "what", what, "most", LengthFormat.figure(most, u)));
    }

    private static Read<Length> above(Length l) {
        return l.mm() > 0 ? Read.of(l) : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("above-zero.give-length-above-zero"));
    }
}
