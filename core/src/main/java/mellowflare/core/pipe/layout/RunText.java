package mellowflare.core.pipe.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.run.walk.Call;

/**
 * A piece of a run as a fitter calls it out: {@code up 2.1 m}, {@code 45 left 600}, {@code 45 left}, {@code tee to washer left}, {@code union}, {@code valve}, {@code nipple 100}, {@code reducer to 1/2}, {@code swage 90 to 1/2}, {@code
 * flange slip-on}, {@code to flange weld-neck}, {@code from washer}. Written and read in the same words.
 */
public final class RunText {
    private static final String VERBS = Say.it("run-text.words");
    private static final Call.Words WORDS =
            new Call.Words(VERBS, List.of("to", "and", "set-back"), List.of("cut", "faces", "to-face", "loose"));
    private static final Pattern ANGLE = Pattern.compile("(\\d{1,2}(?:\\.\\d{1,3})?)(?:°|deg)?");
    private static final Pattern LEADING = Pattern.compile("\\s*(left|right|up|down)\\b\\s*(.*)", Pattern.DOTALL);

    private RunText() {}

    /**
     * @param text as called out
     * @param units for lengths without a unit
     * @param usualName taken where the text gives no name
     */
    public static Read<Piece> read(String text, UnitSystem units, String usualName) {
        return Call.read(before(text), usualName, RunAsk.START, WORDS).then(c -> piece(c, units));
    }

    /** “to flange” begins with a word that otherwise stands inside. */
    private static String before(String text) {
        if (text == null) {
            return "";
        }
        int colon = text.indexOf(':') + 1;
        return text.substring(0, colon) + text.substring(colon).replaceFirst("^\\s*to\\s+", " end ");
    }

    private static Read<Piece> piece(Call c, UnitSystem units) {
        Optional<Side> side = side(c.verb());
        Matcher angle = ANGLE.matcher(c.verb());
        if (side.isPresent()) {
            return pipe(c, new Way.To(side.get()), c.first(), units);
        }
        if (angle.matches()) {
            return turned(c, Double.parseDouble(angle.group(1)), units);
        }
        return switch (c.verb()) {
            case "ahead" -> pipe(c, Way.AHEAD, c.first(), units);
            case "on" -> pipe(c, Way.ON, c.first(), units);
            case "back" -> pipe(c, new Way.Back(), c.first(), units);
            case "nipple" -> nipple(c, units);
            case "elbow" ->
                side(c.first())
                        .<Read<Piece>>map(s -> Read.of(new Piece.Elbow(c.name(), Angle.ofDegrees(90), s)))
                        .orElse(Read.refuse(Refusal.EMPTY, Say.it("run-text.which-side")));
            case "tee" -> tee(c);
            case "cross" -> cross(c);
            case "coupling" -> inLine(c, Piece.Fitting.COUPLING);
            case "union" -> inLine(c, Piece.Fitting.UNION);
            case "dielectric" -> inLine(c, Piece.Fitting.DIELECTRIC);
            case "valve" -> inLine(c, Piece.Fitting.VALVE);
            case "flex" -> inLine(c, Piece.Fitting.FLEX);
            case "flange", "flanges" ->
                flange(c.first())
                        .<Read<Piece>>map(
                                k -> Read.of(new Piece.InLine(c.name(), Piece.Fitting.FLANGES, Optional.of(k))))
                        .orElse(Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-text.which-flange")));
            case "reducer", "bushing" ->
                c.maybe("to")
                        .<Read<Piece>>map(s ->
                                Read.of(new Piece.Reducer(c.name(), s, c.verb().equals("bushing"))))
                        .orElse(Read.refuse(Refusal.EMPTY, Say.it("run-text.to-which-size")));
            case "swage" -> swage(c, units);
            case "cap" -> bare(c, new Piece.Closed(c.name(), Piece.Stop.CAP));
            case "plug" -> bare(c, new Piece.Closed(c.name(), Piece.Stop.PLUG));
            case "end" -> end(c, units);
            case "from" ->
                c.first().isEmpty()
                        ? Read.refuse(Refusal.EMPTY, Say.it("run-text.from"))
                        : Read.of(new Piece.From("from " + c.first(), c.first()));
            default -> Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-text.no-piece", "verb", c.verb(), "verbs", VERBS));
        };
    }

    private static Optional<Side> side(String word) {
        return Arrays.stream(Side.values())
                .filter(s -> s.word().equals(word.strip().toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    private static Read<Piece> pipe(Call c, Way way, String length, UnitSystem units) {
        return c.only(List.of("cut", "faces", "to-face"))
                .then(x -> Call.length(length, units, Say.it("run-text.length-of-pipe")))
                .then(l -> l.mm() > 0 && l.compareTo(Piece.LONGEST) <= 0
                        ? Read.of(new Piece.Pipe(c.name(), way, l, measure(c), false))
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("run-text.how-long")));
    }

    private static Piece.Measure measure(Call c) {
        if (c.says("cut")) {
            return Piece.Measure.CUT;
        }
        if (c.says("faces")) {
            return Piece.Measure.FACES;
        }
        return c.says("to-face") ? Piece.Measure.CENTRE_TO_FACE : Piece.Measure.CENTRES;
    }

    /** “45 left” is a fitting, “45 left 600” the fitting with the pipe behind it. */
    private static Read<Piece> turned(Call c, double degrees, UnitSystem units) {
        Matcher m = LEADING.matcher(c.first());
        if (!m.matches()) {
            return Read.refuse(Refusal.EMPTY, Say.it("run-text.which-side"));
        }
        if (!(degrees > 0 && degrees <= 90)) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("run-text.angle"));
        }
        Side side = side(m.group(1)).orElseThrow();
        String rest = m.group(2).strip();
        if (rest.isEmpty()) {
            return c.only(List.of()).then(x -> Read.of(new Piece.Elbow(c.name(), Angle.ofDegrees(degrees), side)));
        }
        Way way = degrees == 90 ? new Way.To(side) : new Way.Turned(Angle.ofDegrees(degrees), side);
        return pipe(c, way, rest, units);
    }

    private static Read<Piece> nipple(Call c, UnitSystem units) {
        if (c.first().isEmpty() || c.first().equals("close")) {
            return Read.refuse(Refusal.EMPTY, Say.it("run-text.nipple"));
        }
        return Call.length(c.first(), units, Say.it("run-text.length-of-nipple"))
                .then(l -> l.mm() > 0 && l.compareTo(Piece.LONGEST) <= 0
                        ? Read.of(new Piece.Pipe(c.name(), Way.ON, l, Piece.Measure.CUT, true))
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("run-text.how-long")));
    }

    /** {@code swage 90 to 1/2}: no table here has its length, it is measured on the part. */
    private static Read<Piece> swage(Call c, UnitSystem units) {
        if (c.first().isEmpty() || c.maybe("to").isEmpty()) {
            return Read.refuse(Refusal.EMPTY, Say.it("run-text.swage"));
        }
        return Call.length(c.first(), units, Say.it("run-text.length-of-nipple"))
                .then(l -> l.mm() > 0 && l.compareTo(Piece.LONGEST) <= 0
                        ? Read.of(new Piece.Swage(c.name(), c.maybe("to").orElseThrow(), l))
                        : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("run-text.how-long")));
    }

    /** {@code tee left}, {@code tee to washer left}, {@code tee left to washer}. */
    private static Read<Piece> tee(Call c) {
        String to = c.maybe("to").orElse("");
        Optional<Side> side = side(c.first()).or(() -> lastSide(to));
        if (side.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, Say.it("run-text.which-side"));
        }
        String name = side(c.first()).isPresent() ? to : withoutLast(to);
        return Read.of(new Piece.Tee(
                c.name(),
                side.get(),
                name.isEmpty() ? c.name() + " " + side.get().word() : name));
    }

    private static Optional<Side> lastSide(String text) {
        int blank = text.lastIndexOf(' ');
        return side(text.substring(blank + 1));
    }

    private static String withoutLast(String text) {
        int blank = text.lastIndexOf(' ');
        return blank < 0 ? "" : text.substring(0, blank).strip();
    }

    private static Read<Piece> cross(Call c) {
        Optional<Side> side = side(c.first());
        if (side.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, Say.it("run-text.which-side"));
        }
        return Read.of(new Piece.Cross(
                c.name(),
                side.get(),
                c.maybe("to").orElse(c.name() + " " + side.get().word()),
                c.maybe("and").orElse(c.name() + " " + side.get().opposite().word())));
    }

    private static Read<Piece> inLine(Call c, Piece.Fitting kind) {
        return bare(c, new Piece.InLine(c.name(), kind, Optional.empty()));
    }

    private static Read<Piece> bare(Call c, Piece piece) {
        return c.first().isEmpty() && c.more().isEmpty()
                ? Read.of(piece)
                : Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-text.nothing-follows"));
    }

    private static Optional<EndKind> flange(String word) {
        return switch (word.strip()) {
            case "", "slip-on" -> Optional.of(EndKind.SLIP_ON);
            case "threaded" -> Optional.of(EndKind.THREADED_FLANGE);
            case "weld-neck" -> Optional.of(EndKind.WELD_NECK);
            default -> Optional.empty();
        };
    }

    /** {@code to flange slip-on}, {@code to port}, {@code to open}; “loose” where the other side can move. */
    private static Read<Piece> end(Call c, UnitSystem units) {
        String first = c.first();
        Optional<EndKind> kind = first.startsWith("flange")
                ? flange(first.substring("flange".length()))
                : switch (first) {
                    case "port" -> Optional.of(EndKind.PORT);
                    case "open" -> Optional.of(EndKind.OPEN);
                    default -> Optional.empty();
                };
        if (kind.isEmpty()) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("run-text.which-end"));
        }
        Read<Optional<Length>> setBack = c.maybe("set-back").isEmpty()
                ? Read.of(Optional.empty())
                : LengthText.read(c.maybe("set-back").get(), units).then(l -> Read.of(Optional.of(l)));
        return c.only(List.of("set-back", "loose"))
                .then(x -> setBack)
                .then(s -> Read.of(new Piece.End(
                        c.name(), new PipeEnd(kind.get(), s), kind.get() != EndKind.OPEN && !c.says("loose"))));
    }

    /** A piece in the words it is called out in, its name before it. */
    public static String write(Piece p, UnitSystem units) {
        String name = p.name() + ": ";
        if (p instanceof Piece.Pipe x) {
            String measure = switch (x.measure()) {
                case CENTRES -> "";
                case CUT -> " cut";
                case FACES -> " faces";
                case CENTRE_TO_FACE -> " to-face";
            };
            return x.bought()
                    ? name + "nipple " + Call.reach(x.length(), units)
                    : name + x.way().words() + " " + Call.reach(x.length(), units) + measure;
        }
        if (p instanceof Piece.Elbow x) {
            return name + LengthFormat.decimal(x.by().degrees(), 3, 0) + " "
                    + x.side().word();
        }
        if (p instanceof Piece.Tee x) {
            return name + "tee " + x.branch().word() + " to " + x.to();
        }
        if (p instanceof Piece.Cross x) {
            return name + "cross " + x.first().word() + " to " + x.to() + " and " + x.across();
        }
        if (p instanceof Piece.InLine x) {
            return name
                    + x.flange()
                            .map(k -> "flange " + flangeWord(k))
                            .orElse(x.kind().name().toLowerCase(Locale.ROOT));
        }
        if (p instanceof Piece.Reducer x) {
            return name + (x.bushing() ? "bushing to " : "reducer to ") + x.size();
        }
        if (p instanceof Piece.Swage x) {
            return name + "swage " + Call.reach(x.length(), units) + " to " + x.size();
        }
        if (p instanceof Piece.Closed x) {
            return name + x.by().name().toLowerCase(Locale.ROOT);
        }
        if (p instanceof Piece.From x) {
            return "from " + x.to();
        }
        Piece.End e = (Piece.End) p;
        String kind = switch (e.end().kind()) {
            case PORT -> "port";
            case OPEN -> "open";
            default -> "flange " + flangeWord(e.end().kind());
        };
        return name + "to " + kind
                + e.end()
                        .setBack()
                        .map(l -> " set-back " + Call.reach(l, units))
                        .orElse("")
                + (e.fixed() || e.end().kind() == EndKind.OPEN ? "" : " loose");
    }

    private static String flangeWord(EndKind k) {
        return switch (k) {
            case THREADED_FLANGE -> "threaded";
            case WELD_NECK -> "weld-neck";
            default -> "slip-on";
        };
    }
}
