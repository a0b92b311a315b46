package mellowflare.core.gas.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walk;
import mellowflare.core.run.walk.Walked;

/**
 * A gas line as it lies.
 *
 * @param walked where everything lies
 * @param appliances by name, each with the place where it takes gas
 * @param reduces regulators by name, each with its place and the first stretch that lies behind it
 */
public record GasWalk(Walked walked, Map<String, At> appliances, List<Reduced> reduces) {
    /** Name of the place where the source stands. */
    public static final String START = "source";

    public GasWalk {
        appliances = Collections.unmodifiableMap(new LinkedHashMap<>(appliances));
        reduces = List.copyOf(reduces);
    }

    /**
     * An appliance at a place.
     *
     * @param step number of its piece
     */
    public record At(Piece.Appliance appliance, String place, int step) {}

    /**
     * A regulator at a place.
     *
     * @param first number of the first stretch that may lie behind it
     * @param step number of its piece
     */
    public record Reduced(Piece.Reduce piece, String place, int first, int step) {}

    /** Where everything lies; a piece whose name is taken stands under another one. */
    public static GasWalk of(Station station, List<Piece> pieces) {
        Walk walk = new Walk(START, station);
        Map<String, At> appliances = new LinkedHashMap<>();
        List<Reduced> reduces = new ArrayList<>();
        int step = 0;
        for (Piece written : pieces) {
            step++;
            if (written instanceof Piece.From from) {
                walk.from(from, from.to());
                continue;
            }
            String name = walk.take(written.name());
            Piece p = name.equals(written.name()) ? written : written.named(name);
            if (p instanceof Piece.Pipe x) {
                walk.pipe(p, x.turn(), x.length(), x.size());
            } else if (p instanceof Piece.Hose x) {
                walk.hose(p, x.turn(), x.hose().length(), x.hose().bore());
            } else if (p instanceof Piece.Appliance x) {
                appliances.put(name, new At(x, place(walk, x), step));
            } else if (p instanceof Piece.Reduce x) {
                reduces.add(new Reduced(x, walk.here(), walk.count(), step));
            } else if (p instanceof Piece.Valve) {
                walk.valve();
            } else if (p instanceof Piece.Cap) {
                walk.cap();
            } else if (p instanceof Piece.Close x) {
                walk.close(p, x.to(), x.size());
            }
        }
        return new GasWalk(walk.walked(), appliances, reduces);
    }

    private static String place(Walk walk, Piece.Appliance a) {
        String here = walk.here();
        Optional<Length> hose = a.hose().map(Connector::length);
        if (hose.isPresent()) {
            walk.hose(a, Turn.AHEAD, hose.get(), a.hose().get().bore());
            String end = walk.here();
            walk.from(a, here);
            return end;
        }
        return here;
    }
}
