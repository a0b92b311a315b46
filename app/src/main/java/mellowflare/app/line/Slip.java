package mellowflare.app.line;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.app.page.FindingList;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Tally;

/** The slip beside a line of any kind: what it is made of, what it must do, and what was judged. */
public final class Slip {
    private Slip() {}

    /**
     * Lays a slip out.
     *
     * @param line the line
     * @param made what it is made of, as a heading
     * @param entries what it is made of
     * @param service what it must do
     * @param findings what was judged
     */
    public static Node of(LineModel line, String made, Node entries, Node service, FindingList findings) {
        return scrolled(new VBox(
                4,
                new KindChoice(line),
                Text.of(made, "slip-heading"),
                entries,
                Text.of(Say.it("slip.service"), "slip-heading"),
                service,
                Text.of(Say.it("slip.checks"), "slip-heading"),
                findings));
    }

    /**
     * Lays the slip of a kind out whose entries stand in its tabs.
     *
     * @param line the line
     * @param findings what was judged
     */
    public static Node of(LineModel line, FindingList findings) {
        return scrolled(new VBox(4, new KindChoice(line), Text.of(Say.it("slip.checks"), "slip-heading"), findings));
    }

    /** A slip whose bar is always there, so that nothing moves when its entries grow. */
    public static Node steady(VBox content) {
        ScrollPane scroll = scrolled(content);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.ALWAYS);
        return scroll;
    }

    private static ScrollPane scrolled(VBox content) {
        content.getStyleClass().add("slip-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("slip");
        return scroll;
    }

    /** How many findings stop the work, and where the first one lies. */
    public static void stops(FigureBox box, List<Finding> findings) {
        List<Finding> stops = findings.stream().filter(Finding::stops).toList();
        box.words(
                Say.it("slip.stops"),
                Integer.toString(stops.size()),
                stops.isEmpty()
                        ? waiting(Tally.of(findings).waiting())
                        : Say.it("slip.first", "about", stops.get(0).about().word()));
    }

    private static String waiting(int checks) {
        return Say.it("slip.checks-wait-for-figures", "checks", checks);
    }
}
