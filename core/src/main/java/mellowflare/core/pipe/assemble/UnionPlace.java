package mellowflare.core.pipe.assemble;

import mellowflare.core.pipe.layout.RunAsk;

/**
 * A place where something must come apart, and the cheapest that can stand there.
 *
 * @param piece the pipe that it parts
 * @param price of the union with its two threads, in the catalogue's money
 * @param makes whether the run can be put together with it
 * @param ask the run with the union in it
 */
public record UnionPlace(String piece, double price, boolean makes, RunAsk ask) {}
