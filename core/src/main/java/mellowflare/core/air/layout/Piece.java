package mellowflare.core.air.layout;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Volume;
import mellowflare.core.run.walk.Called;
import mellowflare.core.run.walk.TakeOff;
import mellowflare.core.run.walk.Turn;

/** One thing met on the walk along the main. Its name also names the place where it ends. */
public sealed interface Piece extends Called {
    /** No piece of a workshop's main is longer. */
    Length LONGEST = Length.ofMm(1_000_000);

    /** No receiver of a workshop holds more. */
    Volume LARGEST = Volume.ofLitres(1_000_000);

    /** The same under another name. */
    Piece named(String other);

    /**
     * Straight pipe.
     *
     * @param turn which way
     * @param length from centre to centre; zero is kept, and said to be nothing
     * @param size of its own; empty for the main's
     */
    record Pipe(String name, Turn turn, Length length, Optional<String> size) implements Piece {
        public Pipe {
            notBelowZero(length);
        }

        @Override
        public Piece named(String other) {
            return new Pipe(other, turn, length, size);
        }
    }

    /**
     * A hose in the main, as between compressor and pipe.
     *
     * @param turn which way its far end lies
     * @param length of the hose
     * @param bore of the hose, 1 to 1000 mm
     */
    record Hose(String name, Turn turn, Length length, Length bore) implements Piece {
        public Hose {
            notBelowZero(length);
            if (!canBe(bore)) {
                throw new IllegalArgumentException("The bore of a hose is 1 to 1000 mm, not " + bore.mm());
            }
        }

        @Override
        public Piece named(String other) {
            return new Hose(other, turn, length, bore);
        }
    }

    /**
     * A drop with its outlet; the walk goes on where it leaves the main.
     *
     * @param down from the main to the outlet
     * @param size of its own; empty for the drops'
     * @param off side of the main that it leaves from
     * @param leg drip leg below the outlet, with a drain valve; empty for none
     * @param outlet what is used there
     */
    record Drop(String name, Length down, Optional<String> size, TakeOff off, Optional<Length> leg, Outlet outlet)
            implements Piece {
        public Drop {
            notBelowZero(down);
            leg.ifPresent(Piece::notBelowZero);
        }

        @Override
        public Piece named(String other) {
            return new Drop(other, down, size, off, leg, outlet);
        }

        public Drop with(Outlet o) {
            return new Drop(name, down, size, off, leg, o);
        }
    }

    /** A drip leg with its drain valve, down from here; the walk goes on where it leaves. */
    record Drain(String name, Length down) implements Piece {
        public Drain {
            notBelowZero(down);
        }

        @Override
        public Piece named(String other) {
            return new Drain(other, down);
        }
    }

    /** A ball valve here. */
    record Valve(String name) implements Piece {
        @Override
        public Piece named(String other) {
            return new Valve(other);
        }
    }

    /** A further compressor feeds in here. */
    record Feed(String name, String compressor) implements Piece {
        @Override
        public Piece named(String other) {
            return new Feed(other, compressor);
        }
    }

    /**
     * A further receiver hangs on the main here: it stores, and makes nothing.
     *
     * @param volume of it, above zero
     */
    record Tank(String name, Volume volume) implements Piece {
        public Tank {
            if (!(volume.litres() > 0) || volume.litres() > LARGEST.litres()) {
                throw new IllegalArgumentException("A receiver holds more than nothing and up to a million litres");
            }
        }

        @Override
        public Piece named(String other) {
            return new Tank(other, volume);
        }
    }

    /** The pipe is closed here for good. */
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
     * @param size of its own; empty for the main's
     */
    record Close(String name, String to, Optional<String> size) implements Piece {
        @Override
        public Piece named(String other) {
            return new Close(other, to, size);
        }
    }

    private static void notBelowZero(Length length) {
        if (length.mm() < 0 || length.compareTo(LONGEST) > 0) {
            throw new IllegalArgumentException("A piece of a main is up to a kilometre long, and not below zero");
        }
    }

    /** Whether a hose can have this bore: a millimetre to a metre. */
    static boolean canBe(Length bore) {
        return bore.mm() >= 1 && bore.mm() <= 1000;
    }
}
