package mellowflare.core.run.cut;

/**
 * A line of the parts list.
 *
 * @param name of the part
 * @param count how many, or metres of pipe
 * @param each price of one, in the catalogue's money
 * @param metres whether it is counted in metres
 */
public record PartLine(String name, double count, double each, boolean metres) {
    public double price() {
        return count * each;
    }
}
