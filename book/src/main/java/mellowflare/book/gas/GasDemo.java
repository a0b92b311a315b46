package mellowflare.book.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.Drawn;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.job.Job;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.walk.Station;

/** The gas lines of the yard: the mess room that wants a heater, the office that works, and what someone would like on the slip. */
final class GasDemo {
    private GasDemo() {}

    static List<Job> jobs() {
        return List.of(mess(), office(), grill());
    }

    /** The old tube feeds ring and oven; with a heater at its end the oven starves. */
    private static Job mess() {
        GasLine line = GasLine.NEW
                .with()
                .station(new Station(Length.ofMm(400), Length.ofMm(300), Length.ofMm(700), 0))
                .pieces(calls(
                        UnitSystem.METRIC,
                        "main cock: valve",
                        "wall: ahead 0.5 m through standing",
                        "rise: up 1.4 m standing",
                        "back wall: left 6.2 m standing",
                        "ring drop: down 1.1 m standing",
                        "ring: appliance 7 kW inlet regulated hose 0.8 m bore 8 unvented",
                        "from back wall",
                        "over door: ahead 4.8 m standing elbows 2",
                        "oven: appliance 5.2 kW inlet regulated unvented",
                        "new tube: ahead 3.6 m",
                        "heater cock: valve",
                        "heater drop: down 0.9 m",
                        "heater: appliance 15 kW inlet regulated new vented"))
                .shares(Map.of("g31", 1.0))
                .pressure(Optional.of("3p-30"))
                .code(Optional.of("en1775"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.CYLINDER)
                        .cylinder(Optional.of("kw-11"))
                        .count(2)
                        .fill(0.6)
                        .drawn(Drawn.SPELLS)
                        .stands(GasSource.Stands.LOCKER)
                        .regulator(Optional.of("kw-twin-30"))
                        .build())
                .system(Optional.of("en1057"))
                .size(Optional.of("12"))
                .drop(Optional.of(PressureDifference.ofMillibar(2.5)))
                .site(GasSite.UNSAID
                        .with()
                        .coldest(Temperature.ofCelsius(5))
                        .joint(Optional.of(GasSystem.Joint.BRAZE))
                        .sealant(Optional.of(GasSite.Sealant.GAS_PASTE))
                        .sleeping(Optional.of(false))
                        .openings(Optional.of(Area.ofSquareCentimetres(180)))
                        .gasDetector(Optional.of(true))
                        .coDetector(Optional.of(true))
                        .proved(Optional.of(true))
                        .guarded(Optional.of(true))
                        .pullOut(Optional.of(true))
                        .hot(Optional.of(false))
                        .licensed(Optional.of(true))
                        .build())
                .build();
        return job("demo-mess-gas", "Mess room, a heater more", "Mess room", UnitSystem.METRIC, line)
                .withNote("Ring and oven work. Ilse wants the heater on the same tube before winter.");
    }

    /** Natural gas in inches, three appliances on black pipe from the meter. */
    private static Job office() {
        GasLine line = GasLine.NEW
                .with()
                .station(new Station(Length.ofMm(600), Length.ofMm(500), Length.ofMm(600), 0))
                .pieces(calls(
                        UnitSystem.INCH,
                        "meter valve: valve",
                        "service: up 4 ft size 1",
                        "joists: right 18 ft size 1",
                        "boiler run: left 9 ft size 3/4",
                        "boiler: appliance 80000 BTU/h inlet regulated vented",
                        "from joists",
                        "kitchen: ahead 14 ft size 3/4",
                        "stove drop: down 5 ft size 1/2",
                        "stove: appliance 52000 BTU/h inlet regulated hose 4 ft bore 1/2 unvented",
                        "from kitchen",
                        "store: ahead 10 ft size 1/2",
                        "water heater: appliance 36000 BTU/h inlet regulated vented"))
                .shares(Map.of("natural", 1.0))
                .pressure(Optional.of("na-natural"))
                .code(Optional.of("nfpa54"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.METER)
                        .pressure(Optional.of(GaugePressure.ofMillibar(17.4)))
                        .capacity(Optional.of(Power.ofBtuPerHour(250_000)))
                        .build())
                .system(Optional.of("schedule40"))
                .size(Optional.of("3/4"))
                .site(GasSite.UNSAID
                        .with()
                        .joint(Optional.of(GasSystem.Joint.THREAD))
                        .sealant(Optional.of(GasSite.Sealant.GAS_PASTE))
                        .sleeping(Optional.of(false))
                        .openings(Optional.of(Area.ofSquareInches(30)))
                        .gasDetector(Optional.of(true))
                        .coDetector(Optional.of(true))
                        .pullOut(Optional.of(true))
                        .hot(Optional.of(false))
                        .licensed(Optional.of(true))
                        .build())
                .build();
        return job("demo-office-gas", "Yard office, black pipe", "Yard office", UnitSystem.INCH, line);
    }

    /** What someone would like to make of what lies about: the program says why not. */
    private static Job grill() {
        GasLine line = GasLine.NEW
                .with()
                .pieces(calls(
                        UnitSystem.METRIC,
                        "first: hose 6 m bore 9 sort air coupler",
                        "grill: appliance 9 kW inlet unknown unvented"))
                .shares(Map.of("g31", 1.0))
                .pressure(Optional.of("3p-37"))
                .code(Optional.of("en1775"))
                .source(GasSource.UNSAID
                        .with()
                        .feed(GasSource.Feed.CYLINDER)
                        .cylinder(Optional.of("kw-11"))
                        .stands(GasSource.Stands.INDOORS)
                        .build())
                .system(Optional.of("en1057"))
                .size(Optional.of("15"))
                .site(GasSite.UNSAID
                        .with()
                        .sealant(Optional.of(GasSite.Sealant.WATER_TAPE))
                        .licensed(Optional.of(true))
                        .build())
                .build();
        return job("demo-grill-gas", "Grill on the slip, from what lies about", "Slip", UnitSystem.METRIC, line)
                .withNote("Somebody has six metres of red air hose and a cylinder in the boat shed.");
    }

    private static List<Piece> calls(UnitSystem units, String... texts) {
        List<Piece> pieces = new ArrayList<>();
        for (String text : texts) {
            pieces.add(GasText.read(text, units, Integer.toString(pieces.size() + 1))
                    .value()
                    .orElseThrow(() -> new IllegalStateException("A demo piece is not understood: " + text)));
        }
        return pieces;
    }

    private static Job job(String id, String title, String machine, UnitSystem units, GasLine line) {
        return Job.open(id, title, machine, units).withKind(GasLineKind.GAS).with(GasLineKind.GAS, line);
    }
}
