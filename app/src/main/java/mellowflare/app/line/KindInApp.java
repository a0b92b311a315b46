package mellowflare.app.line;

import java.util.List;
import mellowflare.app.desk.Desk;
import mellowflare.app.look.Look;
import mellowflare.app.page.Leads;
import mellowflare.app.page.Page;
import mellowflare.app.page.Place;
import mellowflare.core.advice.Subject;
import mellowflare.core.line.Kind;

/** What a kind of line shows in the window. */
public interface KindInApp {
    Kind<?, ?> kind();

    /** Where its page lies. */
    default Place place() {
        return Place.LINE;
    }

    /** Ways to begin a job of this kind. */
    List<Begin> begins();

    /**
     * Makes its page. It is shown while a line of the kind is open; while another is, it redraws nothing.
     *
     * @param line ports, service and kind of the open line
     * @param leads leads to where a part of the line is worked on
     */
    Page page(Desk desk, LineModel line, Look look, Leads leads);

    /** Where a part of the strip leads, beside the ends that are measured in Gauge. */
    default Place placeOf(Subject subject) {
        return switch (subject) {
            case MAKE -> Place.MAKE;
            case TESTS -> Place.TESTS;
            default -> place();
        };
    }

    /** What stands at its place while a line of another kind is open, for a kind with a place of its own. */
    default Elsewhere elsewhere() {
        return new Elsewhere("", "", "");
    }

    /**
     * Words for a place at which nothing is open.
     *
     * @param says that it is not open
     * @param kept what happens to what was said
     * @param press word of the press that makes the open line one of this kind
     */
    record Elsewhere(String says, String kept, String press) {}
}
