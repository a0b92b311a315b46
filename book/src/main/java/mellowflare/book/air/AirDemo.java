package mellowflare.book.air;

import java.util.List;
import java.util.Optional;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Making;
import mellowflare.core.air.main.Plant;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Station;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/** The air mains of the yard: the shed's ring, and what someone would like to make of the net loft. */
final class AirDemo {
    private AirDemo() {}

    static List<Job> jobs() {
        return List.of(shed(), loft());
    }

    /** A ring round the blasting and rigging shed, with two old bars to use up. */
    private static Job shed() {
        List<Piece> walk = List.of(
                new Piece.Hose("flex", Turn.AHEAD, Length.ofMm(600), Length.ofMm(32)),
                new Piece.Drain("foot", Length.ofMm(500)),
                pipe("riser", Turn.UP, 2600),
                pipe("corner", Turn.RIGHT, 600),
                pipe("north 1", Turn.LEFT, 3400),
                drop("bench", 2200, "fitter", "die-grinder", "grinder", "blow-gun"),
                pipe("north 2", Turn.AHEAD, 5000),
                drop("vice", 2200, "fitter", "drill", "ratchet"),
                pipe("north 3", Turn.AHEAD, 5200),
                pipe("gable 1", Turn.LEFT, 4100),
                drop("rigging loft", 2000, "rigger", "wrench-three-quarter", "winch"),
                pipe("gable 2", Turn.AHEAD, 3900),
                new Piece.Drain("far leg", Length.ofMm(2900)),
                pipe("south 1", Turn.LEFT, 5200),
                drop("blast corner", 2200, "blaster", "blast-5"),
                pipe("south 2", Turn.AHEAD, 4000),
                pipe("south 3", Turn.AHEAD, 4400),
                drop("paint door", 2200, "painter", "spray", "sander"),
                pipe("door 1", Turn.LEFT, 6800),
                new Piece.Close("door 2", "corner", Optional.empty()));
        AirMain main = AirMain.NEW
                .withShop(AirMain.NEW
                        .shop()
                        .withSize(
                                Optional.of(Length.ofMm(15_200)),
                                Optional.of(Length.ofMm(8600)),
                                Optional.of(Length.ofMm(4200))))
                .withStation(new Station(Length.ofMm(700), Length.ofMm(900), Length.ofMm(900), 0))
                .withPlant(Plant.UNSAID
                        .withCompressor(Optional.of("s-22"))
                        .withLost(PressureDifference.ofBar(0.3))
                        .withPlace(Plant.Place.CLOSET)
                        .withToEars(Optional.of(Length.ofMm(4000)))
                        .withFreshAir(Optional.of(true))
                        .withDrain(Optional.of(true)))
                .withPieces(walk)
                .withSystem(Optional.of("ringed-aluminium"))
                .withSize(Optional.of("50"))
                .withDropSize(Optional.of("25"))
                .withUse(Use.USUAL.withDrainedEvery(1))
                .withMaking(Making.USUAL.withOld(
                        List.of(new Making.OldBar("ringed-aluminium", "50", Length.ofMm(3250), 2))));
        return job("demo-shed-air", "Air for the blasting shed", "Rigging shed", main)
                .withNote("The old hose over the beams comes down. Blaster and fitter complain of each other.");
    }

    /** What is lying about is drain pipe: the program says why not. */
    private static Job loft() {
        List<Piece> walk = List.of(
                pipe("up", Turn.UP, 2200),
                pipe("beam", Turn.AHEAD, 6200),
                new Piece.Drop(
                        "net bench",
                        Length.ofMm(1900),
                        Optional.empty(),
                        TakeOff.BELOW,
                        Optional.empty(),
                        new Outlet(
                                List.of("stapler", "blow-gun"),
                                Optional.of("net maker"),
                                Optional.of(Length.ofMm(5000)),
                                Optional.empty(),
                                false)),
                pipe("end", Turn.AHEAD, 3000));
        AirMain main = AirMain.NEW
                .withPlant(Plant.UNSAID.withCompressor(Optional.of("k-24")))
                .withPieces(walk)
                .withSystem(Optional.of("pvc"));
        return job("demo-loft-air", "Net loft, from what lies about", "Net loft", main)
                .withNote("Someone has twelve metres of grey pipe left over.");
    }

    private static Job job(String id, String title, String machine, AirMain main) {
        return Job.open(id, title, machine, UnitSystem.METRIC)
                .withKind(AirMainKind.AIR)
                .with(AirMainKind.AIR, main);
    }

    private static Piece pipe(String name, Turn turn, double mm) {
        return new Piece.Pipe(name, turn, Length.ofMm(mm), Optional.empty());
    }

    private static Piece drop(String name, double mm, String who, String... tools) {
        return new Piece.Drop(
                name,
                Length.ofMm(mm),
                Optional.empty(),
                TakeOff.TOP,
                Optional.of(Length.ofMm(300)),
                new Outlet(
                        List.of(tools),
                        Optional.of(who),
                        Optional.of(Length.ofMm(6000)),
                        Optional.empty(),
                        who.equals("painter")));
    }
}
