package mellowflare.core.air.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.main.Shop;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Vapour;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/**
 * The water that the room's air brings along: what stays in the receiver, what falls out as the air cools along the pipes, and where that runs to. Worked out for the average use of a working day.
 *
 * @param drawn with the room's air (L a day)
 * @param inReceiver falls out there (L a day)
 * @param fallen by run
 * @param gathers where the water of the pipes comes to (L a day), by place
 * @param legs how fast the drip legs fill
 */
public record Water(double drawn, double inReceiver, List<Fallen> fallen, Map<String, Double> gathers, List<Leg> legs) {
    /** Heat that a square metre of pipe gives off in still air (W/(m2 K)), bare metal and plastic or rubber (house figures). */
    private static final double METAL = 10;

    private static final double PLASTIC = 5;
    private static final double HEAT = 1005;
    /** Below this (kg/s) nothing runs. */
    private static final double LEAST = 1e-9;

    private static final double WORTH_A_WORD = 0.005;

    public Water {
        fallen = List.copyOf(fallen);
        gathers = Map.copyOf(gathers);
        legs = List.copyOf(legs);
    }

    /**
     * What falls out in a run.
     *
     * @param run its name
     * @param litres a day
     * @param in temperature of the air at its head
     * @param out temperature at its end
     */
    public record Fallen(String run, double litres, Temperature in, Temperature out) {}

    /**
     * A drip leg.
     *
     * @param run its name
     * @param volume it holds
     * @param litres that come to it a day
     */
    public record Leg(String run, Volume volume, double litres) {
        /** Working days until it is full; empty where nothing comes to it. */
        public Optional<Double> daysToFull() {
            return litres > 1e-6 ? Optional.of(volume.litres() / litres) : Optional.empty();
        }
    }

    /** Water in a kilogram of dry air (kg/kg), saturated: 0.622 e / (p - e). */
    static double saturated(Temperature t, AbsolutePressure p) {
        double e = Vapour.saturation(t).bar();
        return 0.622 * e / Math.max(1e-6, p.bar() - e);
    }

    /** Works it out from the flows of the average use. */
    public static Water of(
            AirMain main,
            Walked walked,
            Joints joints,
            Fall fall,
            List<Sized> sized,
            Optional<PipeSystem> system,
            Map<String, Compressor> feeds,
            NetworkFlow mean) {
        Shop shop = main.shop();
        double e = shop.humidity() * Vapour.saturation(shop.air()).bar();
        double drawnShare = 0.622 * e / (shop.barometer().bar() - e);
        double seconds = main.use().hoursADay() * 3600;
        double air = 0;
        double receiver = 0;
        Map<String, Double> heat = new HashMap<>();
        for (Map.Entry<String, Compressor> f : feeds.entrySet()) {
            Optional<NetworkFlow.AtNode> node = mean.node(f.getKey());
            double m = node.map(n -> n.fed().kgPerSecond()).orElse(0.0);
            Temperature leaves =
                    Temperature.ofCelsius(shop.air().celsius() + f.getValue().aboveRoom());
            AbsolutePressure p = AbsolutePressure.of(f.getValue().cutIn(), shop.barometer());
            air += m;
            receiver += m * Math.max(0, drawnShare - saturated(leaves, p));
            heat.put(f.getKey(), f.getValue().aboveRoom());
        }
        List<Fallen> fallen = cool(main, sized, system, mean, heat, drawnShare, seconds);
        Map<String, Double> gathers = new LinkedHashMap<>();
        Map<String, String> known = new HashMap<>();
        Map<String, Walked.Run> byName = new HashMap<>();
        walked.runs().forEach(r -> byName.put(r.name(), r));
        for (Fallen f : fallen) {
            Walked.Run r = byName.get(f.run);
            String lower = fall.height(r.from()).compareTo(fall.height(r.to())) < 0 ? r.from() : r.to();
            gathers.merge(downhill(lower, joints, fall, known), f.litres, Double::sum);
        }
        return new Water(air * drawnShare * seconds, receiver * seconds, fallen, gathers, legs(walked, sized, gathers));
    }

    private static List<Fallen> cool(
            AirMain main,
            List<Sized> sized,
            Optional<PipeSystem> system,
            NetworkFlow mean,
            Map<String, Double> heat,
            double drawnShare,
            double seconds) {
        double room = main.shop().air().celsius();
        Map<String, Sized> byName = new HashMap<>();
        sized.forEach(s -> byName.put(s.name(), s));
        // Nothing cools where nothing runs; what runs is looked at in its own way, from high to low pressure.
        Map<NetworkFlow.InPipe, Double> pressures = new IdentityHashMap<>();
        List<NetworkFlow.InPipe> order = new ArrayList<>();
        for (NetworkFlow.InPipe p : mean.pipes()) {
            if (p.flow().kgPerSecond() >= LEAST && byName.containsKey(p.pipe().name())) {
                order.add(p);
                pressures.put(
                        p,
                        mean.node(p.forward() ? p.pipe().from() : p.pipe().to())
                                .map(n -> n.pressure().bar())
                                .orElse(0.0));
            }
        }
        order.sort(Comparator.comparing(pressures::get, Comparator.reverseOrder()));
        Map<String, Double> mass = new HashMap<>();
        Map<String, Double> warm = new HashMap<>();
        List<Fallen> fallen = new ArrayList<>();
        for (NetworkFlow.InPipe p : order) {
            String head = p.forward() ? p.pipe().from() : p.pipe().to();
            String foot = p.forward() ? p.pipe().to() : p.pipe().from();
            double m = p.flow().kgPerSecond();
            double above =
                    heat.getOrDefault(head, mass.getOrDefault(head, 0.0) > 0 ? warm.get(head) / mass.get(head) : 0.0);
            Sized s = byName.get(p.pipe().name());
            Length outside =
                    s.size().map(PipeSize::outside).orElse(p.pipe().bore().times(1.6));
            boolean metal = s.run().kind() != Walked.Kind.HOSE
                    && system.filter(PipeSystem::conducts).isPresent();
            double area = Math.PI * outside.mm() / 1000 * p.pipe().length().mm() / 1000;
            double left = above * Math.exp(-(metal ? METAL : PLASTIC) * area / (m * HEAT));
            mass.merge(foot, m, Double::sum);
            warm.merge(foot, m * left, Double::sum);
            AbsolutePressure p1 = mean.node(head).orElseThrow().pressure();
            AbsolutePressure p2 = mean.node(foot).orElseThrow().pressure();
            Temperature in = Temperature.ofCelsius(room + above);
            Temperature out = Temperature.ofCelsius(room + left);
            double held = Math.min(drawnShare, saturated(in, p1));
            fallen.add(new Fallen(
                    s.name(), m * Math.max(0, held - Math.min(drawnShare, saturated(out, p2))) * seconds, in, out));
        }
        return fallen;
    }

    /** Where water comes to from a place: down as long as a pipe leads down. */
    private static String downhill(String from, Joints joints, Fall fall, Map<String, String> known) {
        List<String> way = new ArrayList<>();
        String at = from;
        while (!known.containsKey(at)) {
            way.add(at);
            Optional<String> next = lower(at, joints, fall);
            if (next.isEmpty()) {
                known.put(at, at);
            } else {
                at = next.get();
            }
        }
        String foot = known.get(at);
        way.forEach(w -> known.put(w, foot));
        return foot;
    }

    /** The place that water runs to from here: into a leg before it runs on; a drop over the top lets none in. */
    private static Optional<String> lower(String here, Joints joints, Fall fall) {
        String found = null;
        boolean leg = false;
        for (Walked.Run r : joints.meeting(here)) {
            boolean out = r.from().equals(here);
            String other = out ? r.to() : r.from();
            boolean top = out && r.overTheTop();
            boolean isLeg = r.kind() == Walked.Kind.LEG;
            if (!top && fall.drops(here, other) && (found == null || isLeg && !leg)) {
                found = other;
                leg = isLeg;
            }
        }
        return Optional.ofNullable(found);
    }

    private static List<Leg> legs(Walked walked, List<Sized> sized, Map<String, Double> gathers) {
        Map<String, Sized> byName = new HashMap<>();
        sized.forEach(s -> byName.put(s.name(), s));
        List<Leg> legs = new ArrayList<>();
        for (Walked.Run r : walked.runs()) {
            if (r.kind() == Walked.Kind.LEG) {
                Optional<Length> bore =
                        Optional.ofNullable(byName.get(r.name())).flatMap(Sized::bore);
                legs.add(new Leg(
                        r.name(),
                        bore.map(b -> Volume.ofBore(b, r.length())).orElse(Volume.ofLitres(0)),
                        gathers.getOrDefault(r.to(), 0.0)));
            }
        }
        return legs;
    }

    /** Water that comes to one place (L a day), and the drip leg there, if there is one. */
    public record Gathered(String place, double litres, Optional<Leg> leg) {}

    /** Runs in which most falls out, most first; what is not worth a word is left out. */
    public List<Fallen> wettest(int most) {
        return fallen.stream()
                .filter(f -> f.litres > WORTH_A_WORD)
                .sorted(Comparator.comparingDouble(f -> -f.litres))
                .limit(most)
                .toList();
    }

    /** Where the water comes to, most first; what is not worth a word is left out. */
    public List<Gathered> gathered() {
        return gathers.entrySet().stream()
                .filter(e -> e.getValue() > WORTH_A_WORD)
                .sorted(Map.Entry.<String, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(e -> new Gathered(
                        e.getKey(),
                        e.getValue(),
                        legs.stream().filter(l -> l.run.equals(e.getKey())).findFirst()))
                .toList();
    }

    /** All that falls out in the pipes (L a day). */
    public double inPipes() {
        return fallen.stream().mapToDouble(Fallen::litres).sum();
    }
}
