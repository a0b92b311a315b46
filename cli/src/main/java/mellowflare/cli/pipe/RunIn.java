package mellowflare.cli.pipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.Side;
import mellowflare.core.pipe.layout.Way;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;

/** A run from the parts and pipes of a record, in their order. */
final class RunIn {
    private static final Pattern ELBOW = Pattern.compile("elbow(\\d{1,2}(?:\\.\\d{1,2})?)");
    private static final Map<String, EndKind> FLANGES =
            Map.of("slip-on", EndKind.SLIP_ON, "threaded", EndKind.THREADED_FLANGE, "weld-neck", EndKind.WELD_NECK);

    private final List<Fields> given;
    private final List<Boolean> fixed;
    private final Optional<Length> back;
    private final List<Piece> pieces = new ArrayList<>();
    private PipeEnd start = PipeEnd.OPEN;

    private RunIn(List<Fields> given, List<Boolean> fixed, Optional<Length> back) {
        this.given = given;
        this.fixed = fixed;
        this.back = back;
    }

    static RunAsk read(Fields f) throws Refused {
        List<Fields> given = f.objects("pieces");
        if (given.isEmpty() || given.size() > RunAsk.MOST) {
            throw f.wrong("pieces", Say.it("run-in.so-many", "most", RunAsk.MOST));
        }
        List<Boolean> fixed = f.flags("fixed", 2);
        RunIn in = new RunIn(given, fixed.isEmpty() ? List.of(false, false) : fixed, f.lengthOrZero("pullBack"));
        for (int i = 0; i < given.size(); i++) {
            in.take(i, given.get(i));
            given.get(i).nothingElse();
        }
        in.close();
        return RunAsk.NEW.withStart(in.start).withStartFixed(in.fixed.get(0)).withPieces(in.pieces);
    }

    private boolean last(int i) {
        return i == given.size() - 1;
    }

    private void take(int i, Fields p) throws Refused {
        String name = p.text("name").orElse(Integer.toString(i + 1));
        if (p.has("pipe")) {
            if (!p.flag("pipe")) {
                throw p.wrong("pipe", Say.it("run-in.pipe-true"));
            }
            pieces.add(pipe(p, name));
            return;
        }
        String part = p.needText("part");
        Matcher elbow = ELBOW.matcher(part);
        if (elbow.matches()) {
            double degrees = Double.parseDouble(elbow.group(1));
            if (!(degrees > 0 && degrees <= 90)) {
                throw p.wrong("part", Say.it("run-in.angle"));
            }
            pieces.add(new Piece.Elbow(name, Angle.ofDegrees(degrees), side(p)));
            return;
        }
        switch (part) {
            case "tee" -> pieces.add(new Piece.Tee(name, side(p), p.text("to").orElse(name + " branch")));
            case "cross" ->
                pieces.add(new Piece.Cross(
                        name,
                        side(p),
                        p.text("to").orElse(name + " branch"),
                        p.text("and").orElse(name + " other branch")));
            case "flange" -> flange(i, p, name);
            case "nipple" -> nipple(p, name);
            case "reducer", "bushing" -> pieces.add(new Piece.Reducer(name, p.needText("to"), part.equals("bushing")));
            case "swage" -> swage(p, name);
            case "cap", "plug" ->
                pieces.add(new Piece.Closed(name, part.equals("cap") ? Piece.Stop.CAP : Piece.Stop.PLUG));
            case "from" -> pieces.add(new Piece.From(name, p.needText("to")));
            default -> pieces.add(inLine(p, part, name));
        }
    }

    private static Piece inLine(Fields p, String part, String name) throws Refused {
        Map<String, Piece.Fitting> known = new HashMap<>(Words.of(Piece.Fitting.values()));
        known.remove("flanges");
        Piece.Fitting kind = known.get(part);
        if (kind == null) {
            throw p.wrong("part", Say.it("run-in.no-such-part", "part", part));
        }
        return new Piece.InLine(name, kind, Optional.empty());
    }

    private static Side side(Fields p) throws Refused {
        return p.word("turn", Words.of(Side.values())).orElse(Side.LEFT);
    }

    private static Piece pipe(Fields p, String name) throws Refused {
        Map<String, Piece.Measure> ways = Map.of(
                "centreToCentre", Piece.Measure.CENTRES,
                "centreToFace", Piece.Measure.CENTRE_TO_FACE,
                "faceToFace", Piece.Measure.FACES,
                "endToEnd", Piece.Measure.CUT);
        Piece.Pipe pipe = null;
        for (Map.Entry<String, Piece.Measure> way : ways.entrySet()) {
            Optional<Length> length = p.length(way.getKey());
            if (length.isPresent()) {
                if (pipe != null || length.get().compareTo(Piece.LONGEST) > 0) {
                    throw p.wrong(way.getKey(), Say.it("run-in.one-measure"));
                }
                pipe = new Piece.Pipe(name, Way.ON, length.get(), way.getValue(), false);
            }
        }
        if (pipe == null) {
            throw p.missing("centreToCentre");
        }
        return pipe;
    }

    private void swage(Fields p, String name) throws Refused {
        Length length = p.length("length").orElseThrow(() -> p.missing("length"));
        if (length.compareTo(Piece.LONGEST) > 0) {
            throw p.wrong("length", Say.it("run-in.one-measure"));
        }
        pieces.add(new Piece.Swage(name, p.needText("to"), length));
    }

    /** A nipple without a length is the close one, which stands between two fittings by itself. */
    private void nipple(Fields p, String name) throws Refused {
        p.length("length").ifPresent(l -> pieces.add(new Piece.Pipe(name, Way.ON, l, Piece.Measure.CUT, true)));
    }

    private void flange(int i, Fields p, String name) throws Refused {
        EndKind kind = p.word("fitting", FLANGES).orElse(EndKind.SLIP_ON);
        Optional<Length> own = p.lengthOrZero("pullBack");
        PipeEnd end = new PipeEnd(kind, own.isPresent() ? own : back);
        if (i == 0) {
            start = end;
        } else if (last(i)) {
            pieces.add(new Piece.End(name, end, fixed.get(1)));
        } else {
            pieces.add(new Piece.InLine(name, Piece.Fitting.FLANGES, Optional.of(kind)));
        }
    }

    /** A run that ends in pipe ends bare; held, where its outer end cannot move. */
    private void close() {
        if (!pieces.isEmpty() && pieces.get(pieces.size() - 1) instanceof Piece.Pipe) {
            pieces.add(new Piece.End(Say.it("run-in.last-end"), PipeEnd.OPEN, fixed.get(1)));
        }
    }
}
