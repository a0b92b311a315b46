package mellowflare.core.air.layout;

import java.util.List;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.Walk;
import mellowflare.core.run.walk.Walked;

/** Walks along a main, piece by piece. */
public final class AirWalk {
    /** Name of the place where the first compressor stands. */
    public static final String START = "compressor";

    private AirWalk() {}

    /** Where everything lies; a piece whose name is taken stands under another one. */
    public static Walked of(Station station, List<Piece> pieces) {
        Walk walk = new Walk(START, station);
        pieces.forEach(p -> follow(walk, p));
        return walk.walked();
    }

    private static void follow(Walk walk, Piece written) {
        if (written instanceof Piece.From from) {
            walk.from(from, from.to());
            return;
        }
        String name = walk.take(written.name());
        Piece p = name.equals(written.name()) ? written : written.named(name);
        if (p instanceof Piece.Pipe pipe) {
            walk.pipe(p, pipe.turn(), pipe.length(), pipe.size());
        } else if (p instanceof Piece.Hose hose) {
            walk.hose(p, hose.turn(), hose.length(), hose.bore());
        } else if (p instanceof Piece.Drop drop) {
            walk.drop(p, drop.down(), drop.size(), drop.off(), drop.leg());
        } else if (p instanceof Piece.Drain drain) {
            walk.leg(p, drain.down());
        } else if (p instanceof Piece.Valve) {
            walk.valve();
        } else if (p instanceof Piece.Cap) {
            walk.cap();
        } else if (p instanceof Piece.Feed feed) {
            walk.feed(p, feed.compressor());
        } else if (p instanceof Piece.Close close) {
            walk.close(p, close.to(), close.size());
        }
    }
}
