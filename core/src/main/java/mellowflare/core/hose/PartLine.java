package mellowflare.core.hose;

/**
 * One row of the parts list.
 *
 * @param part part number
 * @param name what it is
 * @param amount how much, in both systems of units
 * @param here how much, in the units of the job alone
 * @param need how many pieces, or metres of hose by the metre
 * @param taken how many of them the work has taken already
 * @param onShelf how many pieces, or how much in one length, lie on the shelf now
 * @param price of one piece or metre, in the catalogue's money; zero when not known
 */
public record PartLine(
        String part, String name, String amount, String here, double need, double taken, double onShelf, double price) {

    public double cost() {
        return need * price;
    }

    /** How much is wanted beyond the shelf. */
    public double lacks() {
        return Math.max(0, need - taken - onShelf);
    }
}
