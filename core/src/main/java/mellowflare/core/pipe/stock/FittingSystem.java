package mellowflare.core.pipe.stock;

import java.util.List;
import java.util.Optional;
import mellowflare.core.material.Metal;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;

/**
 * A system of fittings.
 *
 * @param id stable name
 * @param name as shown
 * @param sizes under which name its dimensions are listed
 * @param joint how pipe is joined to them
 * @param thread series of its threads; where pipe is welded in, that of its threaded ends
 * @param metal what they are made of
 * @param rating table of its ratings; empty where the standard rates a fitting by the pipe that goes with it
 * @param goesWith walls of pipe that the class goes with
 * @param price factor on the house prices
 * @param source its standard
 */
public record FittingSystem(
        String id,
        String name,
        String sizes,
        Joint joint,
        ThreadSeries thread,
        Metal metal,
        Optional<String> rating,
        List<String> goesWith,
        double price,
        Source source) {
    public FittingSystem {
        goesWith = List.copyOf(goesWith);
    }

    /** How pipe is joined to a fitting. */
    public enum Joint {
        THREADED,
        /** Pushed into a socket, drawn back a little, and welded round. */
        SOCKET
    }
}
