package mellowflare.core.air.layout;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

/**
 * A piece of the walk as a fitter calls it out: {@code up 2.6 m}, {@code left 4 m size 32}, {@code bench: drop 2.2 m leg 300 with grinder, blow-gun by fitter hose 6 m}. Written and read in the same words.
 */
public final class WalkText {
    /** Shorter pipe than this without a unit is a slip: metres were meant. */
    private static final double SLIP_MM = 60;

    private static final int MOST = 200;
    private static final Pattern NAMED = Pattern.compile("\\s*([^:]{1,40}?)\\s*:\\s*(.*)", Pattern.DOTALL);
    private static final Pattern WORDS =
            Pattern.compile("(?<=\\s)(size|leg|with|by|hose|bore|off|filtered|no leg)(?=\\s|$)");
    private static final Pattern LITRES = Pattern.compile("(\\d{1,6}(?:\\.\\d+)?)\\s*[lL]?");
    private static final String VERBS =
            "ahead, left, right, back, up or down with a length; hose, drop or drain with a length; valve, tank with litres, cap, feed, from, close";

    private WalkText() {}

    /**
     * @param text as called out
     * @param units for lengths without a unit
     * @param usualName taken where the text gives no name
     */
    public static Read<Piece> read(String text, UnitSystem units, String usualName) {
        if (text == null || text.isBlank()) {
            return Read.refuse(Refusal.EMPTY, "Call out the next piece: " + VERBS + ".");
        }
        if (text.length() > MOST) {
            return Read.refuse(Refusal.TOO_LONG, "That is too long for one piece: give each its own line.");
        }
        Matcher named = NAMED.matcher(text);
        String name = named.matches() ? named.group(1).strip() : usualName;
        String rest = (named.matches() ? named.group(2) : text).strip();
        if (name.isEmpty() || rest.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, "After the name call out the piece: " + VERBS + ".");
        }
        if (name.equalsIgnoreCase(Walked.START)) {
            return Read.refuse(
                    Refusal.OUT_OF_RANGE, "“" + Walked.START + "” is where the walk begins: take another name.");
        }
        int blank = rest.indexOf(' ');
        String verb = (blank < 0 ? rest : rest.substring(0, blank)).toLowerCase(Locale.ROOT);
        Parts parts = Parts.of(blank < 0 ? "" : rest.substring(blank));
        return piece(verb, name, parts, units);
    }

    private static Read<Piece> piece(String verb, String name, Parts p, UnitSystem units) {
        Optional<Turn> turn =
                Arrays.stream(Turn.values()).filter(t -> t.word().equals(verb)).findFirst();
        if (turn.isPresent()) {
            return p.only(List.of("size"))
                    .then(x -> length(p.first, units, "length"))
                    .then(l -> Read.of(new Piece.Pipe(name, turn.get(), l, p.maybe("size"))));
        }
        return switch (verb) {
            case "hose" -> hose(name, p, units);
            case "drop" -> drop(name, p, units);
            case "drain" ->
                p.only(List.of())
                        .then(x -> length(p.first, units, "length of the leg"))
                        .then(l -> Read.of(new Piece.Drain(name, l)));
            case "tank" -> tank(name, p);
            case "valve" -> bare(p, new Piece.Valve(name));
            case "cap" -> bare(p, new Piece.Cap(name));
            case "feed" ->
                p.first.isEmpty()
                        ? Read.refuse(Refusal.EMPTY, "Say which compressor feeds in, such as “feed s-7”.")
                        : Read.of(new Piece.Feed(name, p.first));
            case "from" ->
                p.first.isEmpty()
                        ? Read.refuse(Refusal.EMPTY, "Say from which place the walk goes on, such as “from bench”.")
                        : Read.of(new Piece.From("from " + p.first, p.first));
            case "close" ->
                p.first.isEmpty()
                        ? Read.refuse(Refusal.EMPTY, "Say to which place the loop closes, such as “close riser”.")
                        : p.only(List.of("size")).then(x -> Read.of(new Piece.Close(name, p.first, p.maybe("size"))));
            default -> Read.refuse(Refusal.NOT_A_NUMBER, "“" + verb + "” is no piece of a walk: say " + VERBS + ".");
        };
    }

    private static Read<Piece> bare(Parts p, Piece piece) {
        return p.first.isEmpty() && p.more.isEmpty()
                ? Read.of(piece)
                : Read.refuse(Refusal.NOT_A_NUMBER, "Nothing follows after this word: leave “" + p.first + "” out.");
    }

    private static Read<Piece> tank(String name, Parts p) {
        Matcher litres = LITRES.matcher(p.first);
        return p.more.isEmpty() && litres.matches() && Double.parseDouble(litres.group(1)) > 0
                ? Read.of(new Piece.Tank(name, Volume.ofLitres(Double.parseDouble(litres.group(1)))))
                : Read.refuse(Refusal.NOT_A_NUMBER, "Say how many litres the receiver holds, such as “tank 200 L”.");
    }

    private static Read<Piece> hose(String name, Parts p, UnitSystem units) {
        String[] words = p.first.split("\\s+(?=(?:ahead|left|right|back|up|down)$)");
        Turn turn = words.length > 1 ? Turn.valueOf(words[1].toUpperCase(Locale.ROOT)) : Turn.AHEAD;
        return p.only(List.of("bore"))
                .then(x -> length(words[0], units, "length of the hose"))
                .then(l -> p.maybe("bore")
                        .map(b -> LengthText.read(b, units))
                        .orElse(Read.of(Length.ofMm(25)))
                        .then(b -> Piece.canBe(b)
                                ? Read.of(new Piece.Hose(name, turn, l, b))
                                : Read.refuse(Refusal.OUT_OF_RANGE, "The bore of a hose is 1 to 1000 mm.")));
    }

    private static Read<Piece> drop(String name, Parts p, UnitSystem units) {
        Read<Length> down = length(p.first, units, "length of the drop");
        Read<Optional<Length>> leg = p.more.containsKey("no leg")
                ? Read.of(Optional.empty())
                : maybe(p.maybe("leg").or(() -> Optional.of(units == UnitSystem.METRIC ? "300" : "12")), units);
        Read<Optional<Length>> hose = maybe(p.maybe("hose"), units);
        Read<Optional<Length>> bore = maybe(p.maybe("bore"), units);
        Optional<String> off = p.maybe("off").map(o -> o.toUpperCase(Locale.ROOT));
        if (off.filter(o ->
                        Arrays.stream(TakeOff.values()).noneMatch(t -> t.name().equals(o)))
                .isPresent()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, "A drop leaves off top, side or below.");
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
                        return Read.refuse(
                                Refusal.OUT_OF_RANGE, "A hose has a length above zero and a bore of 1 to 1000 mm.");
                    }
                    return Read.of(new Piece.Drop(
                            name,
                            d,
                            p.maybe("size"),
                            off.map(TakeOff::valueOf).orElse(TakeOff.TOP),
                            g.filter(l -> l.mm() > 0),
                            new Outlet(tools, p.maybe("by"), h, b, p.more.containsKey("filtered"))));
                }))));
    }

    private static Read<Optional<Length>> maybe(Optional<String> text, UnitSystem units) {
        return text.isEmpty()
                ? Read.of(Optional.empty())
                : LengthText.read(text.get(), units).then(l -> Read.of(Optional.of(l)));
    }

    private static Read<Length> length(String text, UnitSystem units, String what) {
        if (text.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, "Give the " + what + " after it, such as “2.6 m”.");
        }
        boolean bare = LengthText.readWithUnit(text).value().isEmpty();
        return LengthText.read(text, units)
                .then(l -> bare && l.mm() < SLIP_MM && l.mm() > 0 && units == UnitSystem.METRIC
                        ? Read.refuse(
                                Refusal.UNIT_MISSING,
                                "“" + text + "” would be " + LengthFormat.mm(l) + ": write “" + text
                                        + " m” if metres are meant, or “" + text + " mm”.")
                        : Read.of(l));
    }

    /** What follows the first word: the bare beginning, then words with their values. */
    private record Parts(String first, Map<String, String> more) {
        static Parts of(String text) {
            Matcher m = WORDS.matcher(text);
            Map<String, String> more = new LinkedHashMap<>();
            String word = "";
            int from = 0;
            String first = "";
            while (m.find()) {
                String before = text.substring(from, m.start()).strip();
                if (word.isEmpty()) {
                    first = before;
                } else {
                    more.put(word, before);
                }
                word = m.group(1);
                from = m.end();
            }
            String last = text.substring(from).strip();
            if (word.isEmpty()) {
                first = last;
            } else {
                more.put(word, last);
            }
            return new Parts(first, more);
        }

        Optional<String> maybe(String word) {
            return Optional.ofNullable(more.get(word)).filter(t -> !t.isEmpty());
        }

        Read<Parts> only(List<String> known) {
            Optional<String> empty = more.entrySet().stream()
                    .filter(e -> e.getValue().isEmpty()
                            && !e.getKey().equals("filtered")
                            && !e.getKey().equals("no leg"))
                    .map(Map.Entry::getKey)
                    .findFirst();
            if (empty.isPresent()) {
                return Read.refuse(Refusal.EMPTY, "Nothing follows after “" + empty.get() + "” yet.");
            }
            return more.keySet().stream()
                    .filter(w -> !known.contains(w))
                    .findFirst()
                    .<Read<Parts>>map(w -> Read.refuse(
                            Refusal.NOT_A_NUMBER, "“" + w + "” says nothing about this kind of piece: leave it out."))
                    .orElse(Read.of(this));
        }
    }

    /** A piece in the words it is called out in, its name before it. */
    public static String write(Piece p, UnitSystem units) {
        String name = p.name() + ": ";
        if (p instanceof Piece.Pipe x) {
            return name + x.turn().word() + " " + reach(x.length(), units) + size(x.size());
        }
        if (p instanceof Piece.Hose x) {
            return name + "hose " + reach(x.length(), units)
                    + (x.turn() == Turn.AHEAD ? "" : " " + x.turn().word()) + " bore "
                    + LengthFormat.figure(x.bore(), units);
        }
        if (p instanceof Piece.Drop x) {
            Outlet o = x.outlet();
            return name + "drop " + reach(x.down(), units) + size(x.size())
                    + (x.off() == TakeOff.TOP ? "" : " off " + x.off().name().toLowerCase(Locale.ROOT))
                    + x.leg().map(l -> " leg " + LengthFormat.figure(l, units)).orElse(" no leg")
                    + (o.tools().isEmpty() ? "" : " with " + String.join(", ", o.tools()))
                    + o.who().map(w -> " by " + w).orElse("")
                    + o.hose().map(l -> " hose " + reach(l, units)).orElse("")
                    + o.hoseBore()
                            .map(l -> " bore " + LengthFormat.figure(l, units))
                            .orElse("")
                    + (o.treatment() ? " filtered" : "");
        }
        if (p instanceof Piece.Drain x) {
            return name + "drain " + reach(x.down(), units);
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

    private static String reach(Length l, UnitSystem units) {
        return units == UnitSystem.METRIC && l.mm() >= 1000
                ? LengthFormat.decimal(l.mm() / 1000, 5, 0) + " m"
                : LengthFormat.figure(l, units);
    }
}
