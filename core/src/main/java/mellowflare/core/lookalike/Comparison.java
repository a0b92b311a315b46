package mellowflare.core.lookalike;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/**
 * Two ends held beside each other.
 *
 * @param rows what each of them shows, in the fitter's order of looking
 * @param verdict what comes of taking one for the other, or of putting them together; a whole sentence or two
 */
public record Comparison(List<Row> rows, String verdict) {
    public Comparison {
        rows = List.copyOf(rows);
    }

    /**
     * One thing to look at.
     *
     * @param what it is
     * @param one what the first end shows
     * @param other what the second shows
     */
    public record Row(String what, String one, String other) {
        public boolean same() {
            return one.equals(other);
        }
    }

    /**
     * @param one the first end
     * @param other the second end
     * @param units the system whose figures come first
     * @param data must hold {@link EndTable#KEY} and {@link LookAlikes#KEY}
     */
    public static Comparison of(End one, End other, UnitSystem units, ReferenceData data) {
        List<Row> rows = new ArrayList<>();
        add(
                rows,
                Say.it("comparison.outside"),
                one,
                other,
                e -> e.gender().word() + ", " + e.body().words());
        add(
                rows,
                Say.it("comparison.across"),
                one,
                other,
                e -> e.across().map(a -> band(a, units)).orElse(Say.it("comparison.no-figure-known")));
        add(
                rows,
                Say.it("comparison.pitch"),
                one,
                other,
                e -> e.thread()
                        .map(t -> t.pitch().text() + " (" + t.pitch().otherText() + ")")
                        .orElse("–"));
        add(
                rows,
                Say.it("comparison.flanks"),
                one,
                other,
                e -> e.thread().map(t -> t.form().angleText()).orElse("–"));
        add(
                rows,
                Say.it("comparison.hand"),
                one,
                other,
                e -> e.thread()
                        .map(t -> e.leftHand() ? Say.it("comparison.left-hand") : Say.it("comparison.right-hand"))
                        .orElse("–"));
        add(
                rows,
                Say.it("comparison.taper"),
                one,
                other,
                e -> e.thread()
                        .map(t -> t.tapered() ? Say.it("comparison.tapered") : Say.it("comparison.straight"))
                        .orElse("–"));
        add(
                rows,
                Say.it("comparison.seat"),
                one,
                other,
                e -> e.seats().stream()
                        .map(Seat::words)
                        .reduce((a, b) -> Say.it("comparison.or", "a", a, "b", b))
                        .orElse("–"));
        add(
                rows,
                Say.it("comparison.seals-on"),
                one,
                other,
                e -> e.seats().stream()
                        .map(s -> s.sealPlace().words())
                        .distinct()
                        .reduce((a, b) -> Say.it("comparison.or", "a", a, "b", b))
                        .orElse("–"));
        add(
                rows,
                Say.it("comparison.tube"),
                one,
                other,
                e -> e.tube().map(t -> both(t, units)).orElse("–"));
        add(
                rows,
                Say.it("comparison.met-on"),
                one,
                other,
                e -> String.join(", ", e.form().metIn()));
        add(rows, Say.it("comparison.source"), one, other, e -> e.source().shown());
        return new Comparison(rows, verdict(one, other, data));
    }

    private static void add(List<Row> rows, String what, End one, End other, Function<End, String> shows) {
        Row row = new Row(what, shows.apply(one), shows.apply(other));
        if (!row.same() || !row.one().equals("–")) {
            rows.add(row);
        }
    }

    private static String band(LengthBand a, UnitSystem units) {
        return Say.it(
                "comparison.text",
                "low",
                LengthFormat.figure(a.low(), units),
                "high",
                LengthFormat.figure(a.high(), units));
    }

    private static String both(Length length, UnitSystem units) {
        return LengthFormat.figure(length, units) + " (" + LengthFormat.figure(length, units.other()) + ")";
    }

    private static String verdict(End one, End other, ReferenceData data) {
        if (one.equals(other)) {
            return Say.it("comparison.this-one-same-end");
        }
        Optional<Interchange> together = Interchange.on(one, data).stream()
                .filter(i -> i.other().equals(other))
                .findFirst();
        if (together.isPresent()) {
            return together.get().says();
        }
        Optional<LookAlike> lookAlike = data.get(LookAlikes.KEY).of(one.id()).stream()
                .filter(t -> t.other().equals(other))
                .findFirst();
        if (lookAlike.isPresent()) {
            LookAlikeKind kind = lookAlike.get().kind();
            return Say.it(
                    "comparison.look-alikes",
                    "alike",
                    kind.alike(),
                    "ifForced",
                    kind.ifForced(),
                    "tellBy",
                    kind.tellBy());
        }
        return one.gender() == other.gender()
                ? Say.it("comparison.not-be-taken-for")
                : Say.it("comparison.they-do-not-go");
    }
}
