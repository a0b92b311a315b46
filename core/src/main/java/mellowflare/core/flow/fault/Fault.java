package mellowflare.core.flow.fault;

import mellowflare.core.measure.MassFlow;

/** One thing that is wrong with a network. */
public sealed interface Fault {
    /** What it is at: the name of a pipe or a place. */
    String at();

    /**
     * Something stands in a pipe: a filter that is full, a valve half shut, a hose kinked.
     *
     * @param k the loss that it adds, in velocity heads of the pipe's bore; zero or more
     */
    record Choked(String at, double k) implements Fault {
        public Choked {
            if (!(k >= 0)) {
                throw new IllegalArgumentException("What stands in a pipe takes pressure");
            }
        }
    }

    /**
     * Something comes out at a place that nobody takes.
     *
     * @param flow how much
     */
    record Leaking(String at, MassFlow flow) implements Fault {}
}
