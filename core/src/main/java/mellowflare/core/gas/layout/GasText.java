package mellowflare.core.gas.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Call;
import mellowflare.core.run.walk.Turn;

/**
 * A piece of a gas line as a fitter calls it out: {@code up 2.4 m size 15}, {@code ring: appliance 7 kW inlet regulated hose 0.8 m bore 8}, {@code regulator kw-low-37}. Written and read in the same
 * words.
 */
public final class GasText {
    private static final String VERBS = Say.it("gas-text.words");
    private static final Length USUAL_BORE = Length.ofMm(8);

    private static final Call.Words WORDS = new Call.Words(
            VERBS,
            List.of("size", "elbows", "inlet", "from", "to", "hose", "bore", "sort", "gas", "instead", "like"),
            List.of("buried", "hidden", "through", "standing", "new", "coupler", "vented", "unvented"));

    private GasText() {}

    /**
     * @param text as called out
     * @param units for lengths without a unit
     * @param usualName taken where the text gives no name
     */
    public static Read<Piece> read(String text, UnitSystem units, String usualName) {
        return Call.read(text, usualName, GasWalk.START, WORDS).then(c -> piece(c, units));
    }

    private static Read<Piece> piece(Call c, UnitSystem units) {
        Optional<Turn> turn = turn(c.verb());
        if (turn.isPresent()) {
            return pipe(c, turn.get(), units);
        }
        return switch (c.verb()) {
            case "hose" -> hose(c, units);
            case "appliance" -> appliance(c, units);
            case "regulator" ->
                c.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("gas-text.regulator"))
                        : c.only(List.of()).then(x -> Read.of(new Piece.Reduce(c.name(), c.first())));
            case "valve" -> bare(c, new Piece.Valve(c.name()));
            case "cap" -> bare(c, new Piece.Cap(c.name()));
            case "from" ->
                c.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("gas-text.from"))
                        : Read.of(new Piece.From("from " + c.first(), c.first()));
            case "close" ->
                c.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("gas-text.close"))
                        : c.only(List.of("size"))
                                .then(x -> Read.of(new Piece.Close(c.name(), c.first(), c.maybe("size"))));
            default -> Read.refuse(Refusal.NOT_A_NUMBER, Say.it("gas-text.no-piece", "verb", c.verb(), "verbs", VERBS));
        };
    }

    private static Optional<Turn> turn(String word) {
        return Arrays.stream(Turn.values()).filter(t -> t.word().equals(word)).findFirst();
    }

    private static Read<Piece> bare(Call c, Piece piece) {
        return c.first().isEmpty() && c.more().isEmpty()
                ? Read.of(piece)
                : Read.refuse(Refusal.NOT_A_NUMBER, Say.it("gas-text.nothing-follows", "verb", c.verb()));
    }

    private static Read<Piece> pipe(Call c, Turn turn, UnitSystem units) {
        int elbows = c.maybe("elbows").map(GasText::count).orElse(0);
        if (elbows < 0) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gas-text.elbows"));
        }
        Piece.Lies lies = Arrays.stream(Piece.Lies.values())
                .filter(l -> !l.call().isEmpty() && c.says(l.call()))
                .findFirst()
                .orElse(Piece.Lies.OPEN);
        return c.only(List.of("size", "elbows", "buried", "hidden", "through", "standing"))
                .then(x -> Call.length(c.first(), units, Say.it("gas-text.length-of-pipe")))
                .then(l ->
                        Read.of(new Piece.Pipe(c.name(), turn, l, c.maybe("size"), elbows, lies, c.says("standing"))));
    }

    private static int count(String text) {
        return text.matches("\\d{1,2}") && Integer.parseInt(text) <= Piece.MOST_ELBOWS ? Integer.parseInt(text) : -1;
    }

    private static Read<Piece> hose(Call c, UnitSystem units) {
        String[] words = c.first().split("\\s+(?=(?:ahead|left|right|back|up|down)$)");
        Turn turn = words.length > 1 ? turn(words[1]).orElse(Turn.AHEAD) : Turn.AHEAD;
        return c.only(List.of("bore", "sort", "coupler"))
                .then(x -> Call.length(words[0], units, Say.it("gas-text.length-of-hose")))
                .then(l -> connector(c, l, units))
                .then(h -> Read.of(new Piece.Hose(c.name(), turn, h)));
    }

    private static Read<Connector> connector(Call c, Length length, UnitSystem units) {
        Optional<HoseSort> sort = c.maybe("sort").map(HoseSort::of).orElse(Optional.of(HoseSort.LISTED));
        if (sort.isEmpty()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("gas-text.sort"));
        }
        return c.maybe("bore")
                .map(b -> LengthText.read(b, units))
                .orElse(Read.of(USUAL_BORE))
                .then(b -> b.mm() < 1 || b.mm() > 100 || length.mm() <= 0
                        ? Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gas-text.bore"))
                        : Read.of(new Connector(length, b, sort.get(), c.says("coupler"))));
    }

    private static Read<Piece> appliance(Call c, UnitSystem units) {
        Read<Call> known = c.only(List.of(
                "inlet",
                "from",
                "to",
                "hose",
                "bore",
                "sort",
                "coupler",
                "gas",
                "instead",
                "new",
                "like",
                "vented",
                "unvented"));
        Read<Optional<Power>> input = c.first().isEmpty()
                ? Read.of(Optional.empty())
                : QuantityText.power(c.first(), Optional.of(units == UnitSystem.METRIC ? "kW" : "BTU/h"))
                        .then(p -> Read.of(Optional.of(p)));
        Optional<Marking> marking = c.maybe("inlet").map(Marking::of).orElse(Optional.of(Marking.UNKNOWN));
        if (marking.isEmpty()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("gas-text.inlet"));
        }
        Read<Optional<Connector>> hose = c.maybe("hose").isEmpty()
                ? Read.of(Optional.empty())
                : Call.length(c.maybe("hose").get(), units, Say.it("gas-text.length-of-hose"))
                        .then(l -> connector(c, l, units))
                        .then(h -> Read.of(Optional.of(h)));
        Optional<Boolean> vented =
                c.says("vented") ? Optional.of(true) : c.says("unvented") ? Optional.of(false) : Optional.empty();
        return known.then(x -> input)
                .then(p -> pressure(c.maybe("from"), units)
                        .then(least -> pressure(c.maybe("to"), units)
                                .then(greatest -> hose.then(h -> {
                                    if (least.isPresent()
                                            && greatest.isPresent()
                                            && least.get().compareTo(greatest.get()) > 0) {
                                        return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("gas-text.band"));
                                    }
                                    return Read.of(new Piece.Appliance(
                                            c.name(),
                                            new Plate(
                                                    p, c.maybe("like"), marking.get(), least, greatest, c.maybe("gas")),
                                            h,
                                            c.says("new"),
                                            c.maybe("instead"),
                                            vented));
                                }))));
    }

    private static Read<Optional<GaugePressure>> pressure(Optional<String> text, UnitSystem units) {
        return text.isEmpty()
                ? Read.of(Optional.empty())
                : QuantityText.pressure(text.get(), Optional.of(units == UnitSystem.METRIC ? "mbar" : "inwc"))
                        .then(p -> Read.of(Optional.of(p)));
    }

    /** A piece in the words it is called out in, its name before it. */
    public static String write(Piece p, UnitSystem units) {
        String name = p.name() + ": ";
        if (p instanceof Piece.Pipe x) {
            return name
                    + x.turn().word()
                    + " "
                    + Call.reach(x.length(), units)
                    + after("size", x.size())
                    + (x.elbows() > 0 ? " elbows " + x.elbows() : "")
                    + (x.lies() == Piece.Lies.OPEN ? "" : " " + x.lies().call())
                    + (x.standing() ? " standing" : "");
        }
        if (p instanceof Piece.Hose x) {
            return name
                    + "hose "
                    + Call.reach(x.hose().length(), units)
                    + (x.turn() == Turn.AHEAD ? "" : " " + x.turn().word())
                    + of(x.hose(), units);
        }
        if (p instanceof Piece.Appliance x) {
            Plate t = x.plate();
            return name
                    + "appliance"
                    + t.input().map(i -> " " + power(i, units)).orElse("")
                    + after("like", t.usual())
                    + (t.marking() == Marking.UNKNOWN
                            ? ""
                            : " inlet " + t.marking().call())
                    + after("from", t.least().map(v -> pressure(v, units)))
                    + after("to", t.greatest().map(v -> pressure(v, units)))
                    + x.hose()
                            .map(h -> " hose " + Call.reach(h.length(), units) + of(h, units))
                            .orElse("")
                    + after("gas", t.gas())
                    + after("instead", x.instead())
                    + (x.added() ? " new" : "")
                    + x.vented().map(v -> v ? " vented" : " unvented").orElse("");
        }
        if (p instanceof Piece.Reduce x) {
            return name + "regulator " + x.regulator();
        }
        if (p instanceof Piece.From x) {
            return "from " + x.to();
        }
        if (p instanceof Piece.Close x) {
            return name + "close " + x.to() + after("size", x.size());
        }
        return name + (p instanceof Piece.Valve ? "valve" : "cap");
    }

    private static String of(Connector h, UnitSystem units) {
        return " bore "
                + LengthFormat.figure(h.bore(), units)
                + (h.sort() == HoseSort.LISTED ? "" : " sort " + h.sort().call())
                + (h.coupler() ? " coupler" : "");
    }

    private static String after(String word, Optional<String> what) {
        return what.map(w -> " " + word + " " + w).orElse("");
    }

    private static String power(Power p, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? LengthFormat.decimal(p.kilowatts(), 4, 0) + " kW"
                : LengthFormat.decimal(p.btuPerHour(), 1, 0).replace(" ", "") + " BTU/h";
    }

    private static String pressure(GaugePressure p, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? LengthFormat.decimal(p.millibar(), 3, 0) + " mbar"
                : LengthFormat.decimal(p.inchesOfWater(), 3, 0) + " inwc";
    }
}
