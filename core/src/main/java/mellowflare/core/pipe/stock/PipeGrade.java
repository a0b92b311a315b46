package mellowflare.core.pipe.stock;

import mellowflare.core.material.Metal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;

/**
 * Pipe by metal and wall.
 *
 * @param id stable name
 * @param name as shown
 * @param metal what it is made of
 * @param walls name of its walls: a schedule or a series
 * @param thread what is cut on it
 * @param stressMpa allowable stress (MPa)
 * @param joint factor of its seam, 0 to 1
 * @param upTo the stress holds up to here
 * @param tolerance share of the wall that the mill may leave out, 0 to 1
 * @param density (kg/dm3)
 * @param price factor on the house price of a metre
 * @param source standards
 */
public record PipeGrade(
        String id,
        String name,
        Metal metal,
        String walls,
        ThreadSeries thread,
        double stressMpa,
        double joint,
        Temperature upTo,
        double tolerance,
        double density,
        double price,
        Source source) {}
