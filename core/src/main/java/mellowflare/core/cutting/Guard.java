package mellowflare.core.cutting;

import java.util.Arrays;

/**
 * Worths of sizes by which no filling of a bar may lose more than all bars together have to spare.
 * By size, by room of a bar (what one is worth at the most) and of all pieces together; with a table of what each length of bar is worth at the most, in steps of
 * so many nanometres, which is empty where the steps would be too fine.
 */
final class Guard {
    private final double[] ofSizes;
    private final double[] ofRooms;
    private final double ofPieces;
    private final double[] table;
    private final long step;

    Guard(double[] ofSizes, double[] ofRooms, double ofPieces, double[] table, long step) {
        this.ofSizes = ofSizes;
        this.ofRooms = ofRooms;
        this.ofPieces = ofPieces;
        this.table = table;
        this.step = step;
    }

    double[] ofSizes() {
        return ofSizes;
    }

    double[] ofRooms() {
        return ofRooms;
    }

    double ofPieces() {
        return ofPieces;
    }

    static Guard of(Sizes sizes, double[] ofSizes, long[] rooms) {
        long step = Knapsack.step(sizes, rooms);
        double ofPieces = 0;
        for (int i = 0; i < ofSizes.length; i++) {
            ofPieces += sizes.count()[i] * ofSizes[i];
        }
        if (step > 0) {
            double[] table = Knapsack.table(sizes, ofSizes, rooms, step);
            double[] ofRooms = Arrays.stream(rooms)
                    .mapToDouble(r -> table[(int) (r / step)])
                    .toArray();
            return new Guard(ofSizes, ofRooms, ofPieces, table, step);
        }
        double[] ofRooms = Knapsack.of(sizes, ofSizes, rooms).stream()
                .mapToDouble(Knapsack::atMost)
                .toArray();
        return new Guard(ofSizes, ofRooms, ofPieces, new double[0], 1);
    }

    /** The length itself: what of a bar can be filled at all. */
    static Guard ofLength(Sizes sizes, long[] rooms) {
        return of(sizes, Arrays.stream(sizes.size()).mapToDouble(s -> s).toArray(), rooms);
    }

    /** What so much of a bar is worth at the most; without a table as if it were worth anything. */
    double atMost(long room) {
        return table.length == 0 ? Double.MAX_VALUE : table[(int) (room / step)];
    }

    /** What these bars are worth beyond the pieces, over the pieces; below zero where they cannot take them. */
    double spare(int[] bars) {
        double worth = 0;
        for (int k = 0; k < bars.length; k++) {
            worth += bars[k] * ofRooms[k];
        }
        return ofPieces <= 0 ? Double.MAX_VALUE : worth / ofPieces - 1;
    }
}
