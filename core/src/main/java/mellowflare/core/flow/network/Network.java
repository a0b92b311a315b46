package mellowflare.core.flow.network;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.flow.FlowLaw;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;

/**
 * Pipes, what feeds them and what is taken from them. Any list can be built, odd ones too: what is wrong in it comes out as {@link Trouble} at the piece, and the rest is worked out.
 *
 * @param pipes each from one place to another
 * @param supplies places held at a pressure
 * @param demands what is taken, where; several at one place add up
 * @param heights of places over one level; a place that is not named lies at that level
 * @param law how the medium runs
 * @param barometer pressure of the air around, from which gauges count
 */
public record Network(
        List<Pipe> pipes,
        List<Supply> supplies,
        List<Demand> demands,
        Map<String, Length> heights,
        FlowLaw law,
        AbsolutePressure barometer) {
    public Network {
        pipes = List.copyOf(pipes);
        supplies = List.copyOf(supplies);
        demands = List.copyOf(demands);
        heights = Map.copyOf(heights);
    }

    /** A network of which all places count as level. */
    public Network(
            List<Pipe> pipes, List<Supply> supplies, List<Demand> demands, FlowLaw law, AbsolutePressure barometer) {
        this(pipes, supplies, demands, Map.of(), law, barometer);
    }

    /** The same with other demands. */
    public Network with(List<Demand> others) {
        return new Network(pipes, supplies, others, heights, law, barometer);
    }

    /** Height of a place (m). */
    double metres(String node) {
        Length height = heights.get(node);
        return height == null ? 0 : height.mm() / 1000;
    }

    /**
     * One pipe of one bore.
     *
     * @param name as it is called
     * @param from place; flow to {@code to} counts as positive
     * @param to place
     * @param length along the pipe, zero or more
     * @param bore above zero
     * @param roughness of the wall, zero or more
     * @param k sum of the loss coefficients of its fittings, on the speed in this bore
     */
    public record Pipe(String name, String from, String to, Length length, Length bore, Length roughness, double k) {
        public Pipe {
            if (length.mm() < 0 || roughness.mm() < 0 || !(k >= 0)) {
                throw new IllegalArgumentException("A pipe's length, roughness and losses are not below zero");
            }
            if (bore.mm() <= 0) {
                throw new IllegalArgumentException("A bore is above zero");
            }
        }
    }

    /** A place held at a pressure. */
    public record Supply(String node, GaugePressure pressure) {}

    /** What is taken at a place. */
    public record Demand(String node, MassFlow flow) {}

    /** What is wrong with a network, at which piece. */
    public record Trouble(Kind kind, String piece) {
        /** The kinds of trouble. */
        public enum Kind {
            /** No way leads from a supply to it. */
            ISLAND(Say.it("network.no-pipe-leads-from")),
            /** The pipe has no length; it counts as a joint. */
            NO_LENGTH(Say.it("network.it-has-no-length")),
            /** Both ends are the same place. */
            TO_ITSELF(Say.it("network.it-leads-back-where")),
            /** A name stands twice. */
            TWICE(Say.it("network.its-name-stands-twice")),
            /** No pipe leads to the place. */
            NO_PLACE(Say.it("network.no-pipe-leads-there")),
            /** Held at two different pressures. */
            TWO_PRESSURES(Say.it("network.it-held-at-two")),
            /** Less comes out than is asked, with nothing left at the end. */
            STARVED(Say.it("network.more-asked-there-than")),
            /** The medium would have to run faster than sound. */
            CHOKED(Say.it("network.it-would-have-run")),
            /** The search did not settle. */
            UNSETTLED(Say.it("network.the-flows-did-not"));

            private final String says;

            Kind(String says) {
                this.says = says;
            }

            /** A whole sentence about the piece. */
            public String says() {
                return says;
            }
        }
    }

    /** What can be said before anything is worked out. */
    List<Trouble> looked() {
        List<Trouble> found = new ArrayList<>();
        Set<String> names = new HashSet<>(2 * pipes.size());
        Set<String> places = new HashSet<>(2 * pipes.size());
        for (Pipe p : pipes) {
            if (!names.add(p.name)) {
                found.add(new Trouble(Trouble.Kind.TWICE, p.name));
            }
            if (p.from.equals(p.to)) {
                found.add(new Trouble(Trouble.Kind.TO_ITSELF, p.name));
            } else if (p.length.mm() == 0) {
                found.add(new Trouble(Trouble.Kind.NO_LENGTH, p.name));
            }
            places.add(p.from);
            places.add(p.to);
        }
        Map<String, GaugePressure> held = new HashMap<>();
        for (Supply s : supplies) {
            GaugePressure before = held.putIfAbsent(s.node, s.pressure);
            if (before != null && !before.equals(s.pressure)) {
                found.add(new Trouble(Trouble.Kind.TWO_PRESSURES, s.node));
            }
        }
        for (Demand d : demands) {
            if (!places.contains(d.node) && !held.containsKey(d.node)) {
                found.add(new Trouble(Trouble.Kind.NO_PLACE, d.node));
            }
        }
        return found;
    }
}
