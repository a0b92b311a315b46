package mellowflare.core.gas.layout;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Called;
import mellowflare.core.run.walk.Turn;

/** One thing met on the walk from the source to the burners. Its name also names the place where it ends. */
public sealed interface Piece extends Called {
    /** No piece of a line in a house is longer. */
    Length LONGEST = Length.ofMm(1_000_000);

    int MOST_ELBOWS = 50;

    /** The same under another name. */
    Piece named(String other);

    /**
     * Straight pipe.
     *
     * @param turn which way
     * @param length from centre to centre; zero is kept, and said to be nothing
     * @param size of its own; empty for the line's
     * @param elbows further 90° elbows on the way that are not called out one by one, 0 to 50
     * @param lies where it lies
     * @param standing whether it was there before
     */
    record Pipe(String name, Turn turn, Length length, Optional<String> size, int elbows, Lies lies, boolean standing)
            implements Piece {
        public Pipe {
            notBelowZero(length);
            if (elbows < 0 || elbows > MOST_ELBOWS) {
                throw new IllegalArgumentException("A stretch of pipe has 0 to 50 further elbows, not " + elbows);
            }
        }

        @Override
        public Piece named(String other) {
            return new Pipe(other, turn, length, size, elbows, lies, standing);
        }

        /** The same, laid new. */
        public Pipe renewed() {
            return new Pipe(name, turn, length, size, elbows, lies, false);
        }

        public Pipe withSize(Optional<String> s) {
            return new Pipe(name, turn, length, s, elbows, lies, standing);
        }
    }

    /** Where a stretch of pipe lies. */
    enum Lies {
        OPEN(""),
        /** In the ground. */
        BURIED("buried"),
        /** In a wall or under a floor, where nobody sees its joints. */
        HIDDEN("hidden"),
        /** Through a wall or a panel. */
        THROUGH("through");

        private final String call;

        Lies(String call) {
            this.call = call;
        }

        /** As it is called out; empty in the open. */
        public String call() {
            return call;
        }
    }

    /** A hose in the line. */
    record Hose(String name, Turn turn, Connector hose) implements Piece {
        @Override
        public Piece named(String other) {
            return new Hose(other, turn, hose);
        }
    }

    /**
     * Something that burns gas; the walk goes on where it hangs.
     *
     * @param plate what its plate says
     * @param hose to it; empty where it is piped
     * @param added whether it is new, so that the others are looked at without it too
     * @param instead name of a set of appliances of which one runs at a time; empty where it runs with all others
     * @param vented whether its fumes are led outside; empty while nobody said
     */
    record Appliance(
            String name,
            Plate plate,
            Optional<Connector> hose,
            boolean added,
            Optional<String> instead,
            Optional<Boolean> vented)
            implements Piece {
        @Override
        public Piece named(String other) {
            return new Appliance(other, plate, hose, added, instead, vented);
        }

        public Appliance with(Plate p) {
            return new Appliance(name, p, hose, added, instead, vented);
        }
    }

    /**
     * A regulator here; what is called out after it lies behind it.
     *
     * @param regulator id in the house list
     */
    record Reduce(String name, String regulator) implements Piece {
        @Override
        public Piece named(String other) {
            return new Reduce(other, regulator);
        }
    }

    /** A shut-off valve here. */
    record Valve(String name) implements Piece {
        @Override
        public Piece named(String other) {
            return new Valve(other);
        }
    }

    /** The pipe is closed here. */
    record Cap(String name) implements Piece {
        @Override
        public Piece named(String other) {
            return new Cap(other);
        }
    }

    /** The walk goes on from another place. */
    record From(String name, String to) implements Piece {
        @Override
        public Piece named(String other) {
            return new From(other, to);
        }
    }

    /**
     * A pipe straight to a place met before: closes a loop.
     *
     * @param to that place
     * @param size of its own; empty for the line's
     */
    record Close(String name, String to, Optional<String> size) implements Piece {
        @Override
        public Piece named(String other) {
            return new Close(other, to, size);
        }
    }

    private static void notBelowZero(Length length) {
        if (length.mm() < 0 || length.compareTo(LONGEST) > 0) {
            throw new IllegalArgumentException("A piece of a gas line is up to a kilometre long, and not below zero");
        }
    }
}
