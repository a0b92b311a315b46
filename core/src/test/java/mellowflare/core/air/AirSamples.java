package mellowflare.core.air;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Plant;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/** Mains to test with. */
public final class AirSamples {
    public static final ReferenceData DATA = ShippedData.load();

    private AirSamples() {}

    public static Piece pipe(String name, Turn turn, double metres) {
        return new Piece.Pipe(name, turn, Length.ofMm(metres * 1000), Optional.empty());
    }

    public static Piece drop(String name, double metres, String who, String... tools) {
        return new Piece.Drop(
                name,
                Length.ofMm(metres * 1000),
                Optional.empty(),
                TakeOff.TOP,
                Optional.of(Length.ofMm(300)),
                new Outlet(
                        List.of(tools),
                        who.isEmpty() ? Optional.empty() : Optional.of(who),
                        Optional.of(Length.ofMm(8000)),
                        Optional.empty(),
                        false));
    }

    public static Piece hose(String name, Turn turn, double metres) {
        return new Piece.Hose(name, turn, Length.ofMm(metres * 1000), Length.ofMm(25));
    }

    /** Hose, leg, riser, twelve metres along the wall with two drops, a drain at the end. */
    public static AirMain small() {
        return AirMain.NEW
                .withPieces(List.of(
                        hose("flex", Turn.AHEAD, 0.6),
                        new Piece.Drain("foot", Length.ofMm(400)),
                        pipe("riser", Turn.UP, 2.4),
                        pipe("m1", Turn.AHEAD, 5),
                        drop("bench", 1.6, "fitter", "die-grinder", "blow-gun"),
                        pipe("m2", Turn.AHEAD, 7),
                        drop("door", 1.8, "rigger", "wrench-half"),
                        pipe("m3", Turn.AHEAD, 0.5),
                        new Piece.Drain("far", Length.ofMm(2000))))
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("s-11")))
                .withSystem(Optional.of("ringed-aluminium"))
                .withSize(Optional.of("25"))
                .withDropSize(Optional.of("20"));
    }

    /** The same with a ring round the room. */
    public static AirMain ring() {
        List<Piece> pieces = new ArrayList<>(Arrays.asList(
                hose("flex", Turn.AHEAD, 0.6),
                new Piece.Drain("foot", Length.ofMm(400)),
                pipe("riser", Turn.UP, 2.4),
                pipe("m1", Turn.AHEAD, 8),
                drop("bench", 1.6, "fitter", "die-grinder", "grinder"),
                pipe("m2", Turn.AHEAD, 8),
                pipe("m3", Turn.LEFT, 7),
                drop("pit", 1.8, "blaster", "blast-5"),
                pipe("m4", Turn.LEFT, 16),
                new Piece.Drain("far", Length.ofMm(2000)),
                new Piece.Close("m5", "riser", Optional.empty())));
        return small().withPieces(pieces).withSize(Optional.of("32"));
    }

    /** A comb of a main with many drops. */
    public static AirMain comb(int drops) {
        List<Piece> pieces = new ArrayList<>(Arrays.asList(hose("flex", Turn.AHEAD, 0.6), pipe("riser", Turn.UP, 2.4)));
        String[] tools = {"die-grinder", "blow-gun", "wrench-half", "sander", "drill"};
        for (int i = 0; i < drops; i++) {
            pieces.add(pipe("m" + i, i % 20 == 19 ? Turn.LEFT : Turn.AHEAD, 2.2));
            pieces.add(drop("d" + i, 1.6, "person " + i % 6, tools[i % 5]));
        }
        pieces.add(new Piece.Drain("far", Length.ofMm(2000)));
        return small().withPieces(pieces).withSize(Optional.of("63"));
    }

    public static AirCase of(AirMain main) {
        return AirCase.of(main, Samples.setting(Practice.USUAL, MakeLog.EMPTY, DATA));
    }
}
