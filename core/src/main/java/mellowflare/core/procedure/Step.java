package mellowflare.core.procedure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.advice.Wording;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.moment.Moment;
import mellowflare.core.reference.Source;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.testing.TestAsk;

/**
 * One step of the work.
 *
 * @param id stable name, with the end it is for where it stands twice: {@code nipple@A}
 * @param about which part it is done on
 * @param title a few words
 * @param text what to do; places in braces are figures
 * @param figures the figures
 * @param tools what must be at hand
 * @param hold why this is a hold point, for a hold point
 * @param gate what must be settled before it may be ticked
 * @param cautions what can hurt
 * @param records figures to write down
 * @param tests tests that are taken at this step
 * @param end the end that it is done at, for a step that stands once for each
 * @param takes what it takes from the shelf
 * @param shows what its picture shows, where its line has no picture of its own for it
 * @param source who says to do it so
 */
public record Step(
        String id,
        Subject about,
        String title,
        String text,
        Map<String, Figure> figures,
        List<String> tools,
        Optional<String> hold,
        Gate gate,
        List<String> cautions,
        List<RecordField> records,
        List<TestAsk> tests,
        Optional<LineEnd> end,
        List<PartRole> takes,
        List<Moment> shows,
        Source source) {
    public Step {
        figures = Map.copyOf(figures);
        tools = List.copyOf(tools);
        cautions = List.copyOf(cautions);
        records = List.copyOf(records);
        tests = List.copyOf(tests);
        takes = List.copyOf(takes);
        shows = List.copyOf(shows);
    }

    /** What must be settled before a step may be ticked. */
    public enum Gate {
        NONE,
        /** The figure the cut follows has been read back, with who measured, who wrote and a second reading. */
        CUT_FIGURE
    }

    public String says(UnitSystem system) {
        return Wording.fill(text, figures, system);
    }
}
