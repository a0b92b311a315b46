package mellowflare.app.pipe;

import java.util.Collection;
import java.util.Optional;
import mellowflare.app.entry.FieldState;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.SumLine;

/** How the fields of an offset are read and shown. */
final class OffsetFields {
    private OffsetFields() {}

    static FieldState<String> words() {
        return FieldState.of(Read::of, w -> "");
    }

    static Read<Angle> turns(Angle a) {
        return a.degrees() > 0 && a.degrees() <= 90
                ? Read.of(a)
                : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("offset-model.angle"));
    }

    static Read<Length> signed(String text, UnitSystem u) {
        String t = text.strip().replace('−', '-');
        return t.startsWith("-")
                ? LengthText.read(t.substring(1), u).then(l -> Read.of(l.times(-1)))
                : LengthText.read(t, u);
    }

    static Read<Integer> count(String text) {
        return text.strip().matches("[1-9]\\d?") && Integer.parseInt(text.strip()) <= OffsetAsk.MOST_PIPES
                ? Read.of(Integer.parseInt(text.strip()))
                : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("offset-model.how-many", "most", OffsetAsk.MOST_PIPES));
    }

    /** Whether all have a value: what counts only when it is whole, and is not there, was undone. */
    static boolean all(Collection<FieldState<Length>> fields) {
        return fields.stream().allMatch(f -> f.value().isPresent());
    }

    static void show(FieldState<Length> field, Optional<Length> value, String typed, UnitSystem u) {
        field.show(typed.isEmpty() ? value.map(l -> text(l, u)).orElse("") : typed, value, u);
    }

    /** Without its unit: the cells of a table all have the unit of the job. */
    static String text(Length l, UnitSystem u) {
        boolean below = l.mm() < 0;
        Length size = Length.ofMm(Math.abs(l.mm()));
        return below ? "-" + SumLine.bare(size, u) : SumLine.bare(size, u);
    }

    static void text(FieldState<String> field, String value, UnitSystem u) {
        field.show(value, value.isEmpty() ? Optional.empty() : Optional.of(value), u);
    }
}
