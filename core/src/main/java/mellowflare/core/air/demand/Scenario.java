package mellowflare.core.air.demand;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.walk.Walked;

/**
 * What runs at one moment.
 *
 * @param running tool by outlet
 */
public record Scenario(Map<String, AirTool> running) {
    public static final Scenario NOTHING = new Scenario(Map.of());

    public Scenario {
        running = Map.copyOf(running);
    }

    /** One thing that a person may be doing: a tool at an outlet. */
    public record Choice(String outlet, AirTool tool) {}

    /**
     * Who may do what: for each person, and for each outlet that belongs to nobody, the choices of which one runs at a time.
     *
     * @return by person in the order of the walk, each with one choice at least
     */
    public static Map<String, List<Choice>> choices(Walked walked, ReferenceData data) {
        Map<String, List<Choice>> all = new LinkedHashMap<>();
        for (Walked.Run r : walked.runs()) {
            if (r.kind() == Walked.Kind.DROP && r.piece() instanceof Piece.Drop d) {
                Outlet o = d.outlet();
                for (String id : o.tools()) {
                    data.get(AirHouse.KEY)
                            .tool(id)
                            .ifPresent(t -> all.computeIfAbsent(
                                            o.who().orElse(Say.it("scenario.outlet", "to", r.to())),
                                            k -> new ArrayList<>())
                                    .add(new Choice(r.to(), t)));
                }
            }
        }
        return all;
    }

    /** Everybody at what uses most. */
    static Scenario most(Map<String, List<Choice>> choices) {
        Map<String, AirTool> running = new LinkedHashMap<>();
        for (List<Choice> c : choices.values()) {
            Choice most = c.get(0);
            for (Choice x : c) {
                most = x.tool().flow().litresPerMinute() > most.tool().flow().litresPerMinute() ? x : most;
            }
            running.put(most.outlet(), most.tool());
        }
        return new Scenario(running);
    }

    /** These tools at once; of several on one outlet all draw. */
    public static Scenario of(List<Choice> chosen) {
        Map<String, AirTool> running = new LinkedHashMap<>();
        chosen.forEach(c -> running.merge(c.outlet(), c.tool(), AirTool::and));
        return new Scenario(running);
    }
}
