package mellowflare.core.air.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.walk.Call;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/**
 * A piece of the walk as a fitter calls it out: {@code up 2.6 m}, {@code left 4 m size 32}, {@code bench: drop 2.2 m leg 300 with grinder, blow-gun by fitter hose 6 m}. Written and read in the same words.
 */
public final class WalkText {
    private static final Pattern LITRES = Pattern.compile("(\\d{1,6}(?:\\.\\d+)?)\\s*[lL]?");
    private static final String VERBS = Say.it("walk-text.words");

    private static final Call.Words WORDS = new Call.Words(
            VERBS, List.of("size", "leg", "with", "by", "hose", "bore", "off"), List.of("filtered", "no leg"));

    private WalkText() {}

    /**
     * @param text as called out
     * @param units for lengths without a unit
     * @param usualName taken where the text gives no name
     */
    public static Read<Piece> read(String text, UnitSystem units, String usualName) {
        return Call.read(text, usualName, AirWalk.START, WORDS).then(c -> piece(c.verb(), c.name(), c, units));
    }

    private static Read<Piece> piece(String verb, String name, Call p, UnitSystem units) {
        Optional<Turn> turn =
                Arrays.stream(Turn.values()).filter(t -> t.word().equals(verb)).findFirst();
        if (turn.isPresent()) {
            return p.only(List.of("size"))
                    .then(x -> Call.length(p.first(), units, Say.it("walk-text.length-of-pipe")))
                    .then(l -> Read.of(new Piece.Pipe(name, turn.get(), l, p.maybe("size"))));
        }
        return switch (verb) {
            case "hose" -> hose(name, p, units);
            case "drop" -> drop(name, p, units);
            case "drain" ->
                p.only(List.of())
                        .then(x -> Call.length(p.first(), units, Say.it("walk-text.length-of-leg")))
                        .then(l -> Read.of(new Piece.Drain(name, l)));
            case "tank" -> tank(name, p);
            case "valve" -> bare(p, new Piece.Valve(name));
            case "cap" -> bare(p, new Piece.Cap(name));
            case "feed" ->
                p.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("walk-text.feed"))
                        : Read.of(new Piece.Feed(name, p.first()));
            case "from" ->
                p.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("walk-text.from"))
                        : Read.of(new Piece.From("from " + p.first(), p.first()));
            case "close" ->
                p.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("walk-text.close"))
                        : p.only(List.of("size")).then(x -> Read.of(new Piece.Close(name, p.first(), p.maybe("size"))));
            default -> Read.refuse(Refusal.NOT_A_NUMBER, Say.it("walk-text.no-piece", "verb", verb, "verbs", VERBS));
        };
    }

    private static Read<Piece> bare(Call p, Piece piece) {
        return p.first().isEmpty() && p.more().isEmpty()
                ? Read.of(piece)
                : Read.refuse(Refusal.NOT_A_NUMBER, Say.it("walk-text.nothing-follows", "first", p.first()));
    }

    private static Read<Piece> tank(String name, Call p) {
        Matcher litres = LITRES.matcher(p.first());
        return p.more().isEmpty() && litres.matches() && Double.parseDouble(litres.group(1)) > 0
                ? Read.of(new Piece.Tank(name, Volume.ofLitres(Double.parseDouble(litres.group(1)))))
                : Read.refuse(Refusal.NOT_A_NUMBER, Say.it("walk-text.litres"));
    }

    private static Read<Piece> hose(String name, Call p, UnitSystem units) {
        String[] words = p.first().split("\\s+(?=(?:ahead|left|right|back|up|down)$)");
        Turn turn = words.length > 1 ? Turn.valueOf(words[1].toUpperCase(Locale.ROOT)) : Turn.AHEAD;
        return p.only(List.of("bore"))
                .then(x -> Call.length(words[0], units, Say.it("walk-text.length-of-hose")))
                .then(l -> p.maybe("bore")
                        .map(b -> LengthText.read(b, units))
                        .orElse(Read.of(Length.ofMm(25)))
                        .then(b -> Piece.canBe(b)
                                ? Read.of(new Piece.Hose(name, turn, l, b))
                                : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("walk-text.bore"))));
    }

    private static Read<Piece> drop(String name, Call p, UnitSystem units) {
        Read<Length> down = Call.length(p.first(), units, Say.it("walk-text.length-of-drop"));
        Read<Optional<Length>> leg = p.says("no leg")
                ? Read.of(Optional.empty())
                : maybe(p.maybe("leg").or(() -> Optional.of(units == UnitSystem.METRIC ? "300" : "12")), units);
        Read<Optional<Length>> hose = maybe(p.maybe("hose"), units);
        Read<Optional<Length>> bore = maybe(p.maybe("bore"), units);
        Optional<String> off = p.maybe("off").map(o -> o.toUpperCase(Locale.ROOT));
        if (off.filter(o ->
                        Arrays.stream(TakeOff.values()).noneMatch(t -> t.name().equals(o)))
                .isPresent()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("walk-text.off"));
        }
        List<String> tools = p.maybe("with")
                .map(t -> Arrays.stream(t.split("\\s*,\\s*"))
                        .filter(x -> !x.isBlank())
                        .toList())
                .orElse(List.of());
        return p.only(List.of("size", "leg", "no leg", "with", "by", "hose", "bore", "off", "filtered"))
                .then(x -> down)
                .then(d -> leg.then(g -> hose.then(h -> bore.then(b -> {
                    if (h.filter(l -> l.mm() <= 0).isPresent()
                            || b.filter(l -> !Piece.canBe(l)).isPresent()) {
                        return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("walk-text.hose"));
                    }
                    return Read.of(new Piece.Drop(
                            name,
                            d,
                            p.maybe("size"),
                            off.map(TakeOff::valueOf).orElse(TakeOff.TOP),
                            g.filter(l -> l.mm() > 0),
                            new Outlet(tools, p.maybe("by"), h, b, p.says("filtered"))));
                }))));
    }

    private static Read<Optional<Length>> maybe(Optional<String> text, UnitSystem units) {
        return text.isEmpty()
                ? Read.of(Optional.empty())
                : LengthText.read(text.get(), units).then(l -> Read.of(Optional.of(l)));
    }

    /** A piece in the words it is called out in, its name before it. */
    public static String write(Piece p, UnitSystem units) {
        String name = p.name() + ": ";
        if (p instanceof Piece.Pipe x) {
            return name + x.turn().word() + " " + Call.reach(x.length(), units) + size(x.size());
        }
        if (p instanceof Piece.Hose x) {
            return name + "hose " + Call.reach(x.length(), units)
                    + (x.turn() == Turn.AHEAD ? "" : " " + x.turn().word()) + " bore "
                    + LengthFormat.figure(x.bore(), units);
        }
        if (p instanceof Piece.Drop x) {
            Outlet o = x.outlet();
            return name + "drop " + Call.reach(x.down(), units) + size(x.size())
                    + (x.off() == TakeOff.TOP ? "" : " off " + x.off().name().toLowerCase(Locale.ROOT))
                    + x.leg().map(l -> " leg " + LengthFormat.figure(l, units)).orElse(" no leg")
                    + (o.tools().isEmpty() ? "" : " with " + String.join(", ", o.tools()))
                    + o.who().map(w -> " by " + w).orElse("")
                    + o.hose().map(l -> " hose " + Call.reach(l, units)).orElse("")
                    + o.hoseBore()
                            .map(l -> " bore " + LengthFormat.figure(l, units))
                            .orElse("")
                    + (o.treatment() ? " filtered" : "");
        }
        if (p instanceof Piece.Drain x) {
            return name + "drain " + Call.reach(x.down(), units);
        }
        if (p instanceof Piece.Tank x) {
            return name + "tank " + LengthFormat.decimal(x.volume().litres(), 2, 0) + " L";
        }
        if (p instanceof Piece.Feed x) {
            return name + "feed " + x.compressor();
        }
        if (p instanceof Piece.From x) {
            return "from " + x.to();
        }
        if (p instanceof Piece.Close x) {
            return name + "close " + x.to() + size(x.size());
        }
        return name + (p instanceof Piece.Valve ? "valve" : "cap");
    }

    private static String size(Optional<String> size) {
        return size.map(s -> " size " + s).orElse("");
    }
}
