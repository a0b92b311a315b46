package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.RunWalk;

/**
 * In which order a run can be put together, and where something must come apart. The order is exact: where none is given, none is there that moves parts one by one or in rigid groups.
 *
 * @param steps in the order of work; as far as the run comes together
 * @param stuck parts that no order puts in
 * @param blocked why, for parts that could not turn
 * @param unions where a union must stand
 * @param nowhere rings of threaded pipe without room for one
 */
public record Assembly(
        List<AssemblyStep> steps,
        List<String> stuck,
        List<Blocked> blocked,
        List<UnionPlace> unions,
        List<String> nowhere) {
    public static final Assembly NONE = new Assembly(List.of(), List.of(), List.of(), List.of(), List.of());

    public Assembly {
        steps = List.copyOf(steps);
        stuck = List.copyOf(stuck);
        blocked = List.copyOf(blocked);
        unions = List.copyOf(unions);
        nowhere = List.copyOf(nowhere);
    }

    /**
     * Searches the order.
     *
     * @param ask the run as called out, for what is in its way and for putting unions in
     * @param laid the same as it lies
     * @param cuts its pieces
     * @param take what it is built of
     * @param make what is made of its pieces
     */
    public static Assembly of(RunAsk ask, Laid laid, RunCuts cuts, TakeOffs take, Pieces make) {
        if (laid.spools().isEmpty()) {
            return NONE;
        }
        Bodies run = Bodies.of(laid, take.parts());
        TakenApart apart = new TakenApart(run, ask.boxes());
        List<AssemblyStep> steps = new ArrayList<>(apart.all());
        Collections.reverse(steps);
        Unions.Wanted wanted = new Unions(ask, cuts, take, make).wanted(run);
        List<UnionPlace> places = new ArrayList<>();
        if (!wanted.places().isEmpty()) {
            // All unions together are tried once: the run with the last of them has the others too.
            RunAsk last = wanted.places().get(wanted.places().size() - 1).ask();
            boolean makes = wanted.nowhere().isEmpty() && comesTogether(last, take, laid);
            wanted.places().forEach(p -> places.add(new UnionPlace(p.piece(), p.price(), makes, p.ask())));
        }
        return new Assembly(
                steps,
                apart.left().stream().map(Body::name).toList(),
                apart.left().isEmpty() ? List.of() : apart.blocked(),
                places,
                wanted.nowhere());
    }

    private static boolean comesTogether(RunAsk ask, TakeOffs take, Laid before) {
        Laid laid = RunWalk.of(ask, take, before.spools().get(0).size());
        TakenApart apart = new TakenApart(Bodies.of(laid, take.parts()), ask.boxes());
        apart.all();
        return apart.left().isEmpty();
    }

    /** Whether an order puts everything together. */
    public boolean complete() {
        return stuck.isEmpty();
    }

    /**
     * The moves that take one part out later, the rest left standing as far as it can.
     *
     * @param part name of a pipe or fitting
     * @return empty where it cannot come out
     */
    public static Optional<List<AssemblyStep>> takeOut(RunAsk ask, Laid laid, TakeOffs take, String part) {
        return new TakenApart(Bodies.of(laid, take.parts()), ask.boxes()).free(part);
    }
}
