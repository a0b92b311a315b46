package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Plant;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/** A shop of two hundred pieces: a main in loops of ten outlets, six people. */
final class LargeShop {
    private static final String[] TOOLS = {"die-grinder", "blow-gun", "wrench-half", "sander", "drill"};

    private LargeShop() {}

    static AirMain main(int pieces) {
        List<Piece> walk = new ArrayList<>();
        walk.add(new Piece.Hose("flex", Turn.AHEAD, Length.ofMm(600), Length.ofMm(32)));
        walk.add(new Piece.Pipe("riser", Turn.UP, Length.ofMm(2600), Optional.empty()));
        int i = 0;
        while (walk.size() < pieces - 1) {
            walk.add(new Piece.Pipe(
                    "m" + i, i % 20 == 19 ? Turn.LEFT : Turn.AHEAD, Length.ofMm(2200), Optional.empty()));
            walk.add(new Piece.Drop(
                    "d" + i,
                    Length.ofMm(1600),
                    Optional.empty(),
                    TakeOff.TOP,
                    Optional.of(Length.ofMm(300)),
                    new Outlet(
                            List.of(TOOLS[i % TOOLS.length]),
                            Optional.of("person " + i % 6),
                            Optional.of(Length.ofMm(8000)),
                            Optional.empty(),
                            false)));
            i++;
        }
        walk.add(new Piece.Drain("far", Length.ofMm(2000)));
        return AirMain.NEW
                .withPieces(walk)
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("s-22")))
                .withSystem(Optional.of("ringed-aluminium"))
                .withSize(Optional.of("63"))
                .withDropSize(Optional.of("25"));
    }
}
