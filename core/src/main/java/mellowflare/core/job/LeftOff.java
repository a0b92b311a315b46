package mellowflare.core.job;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where the work on a job was left.
 *
 * @param number of the next step, from 1; 0 before the first tick, one more than all when every step is done
 * @param of how many steps there are
 * @param title of the next step; empty where there is none
 */
public record LeftOff(int number, int of, String title) {
    public static final LeftOff NOT_STARTED = new LeftOff(0, 0, "");

    private static final String AT = "step %d of %d: %s";
    private static final String ALL = "finished, all %d steps";
    private static final String NOTHING = "not started";
    private static final Pattern AT_READ = Pattern.compile("step (\\d{1,6}) of (\\d{1,6}): (.*)");
    private static final Pattern ALL_READ = Pattern.compile("finished, all (\\d{1,6}) steps");

    public static LeftOff finished(int steps) {
        return new LeftOff(steps + 1, steps, "");
    }

    /** Whether every step is ticked. */
    public boolean done() {
        return number > 0 && !inProgress();
    }

    public boolean inProgress() {
        return number > 0 && number <= of;
    }

    /** The words. */
    public String text() {
        return number == 0
                ? Say.it("left-off.not-started")
                : inProgress()
                        ? Say.it("left-off.step", "number", number, "size", of, "title", title)
                        : Say.it("left-off.finished-all-steps", "size", of);
    }

    /** The words for a narrow place: without the step's title. */
    public String brief() {
        return inProgress() ? Say.it("left-off.step-brief", "number", number, "size", of) : text();
    }

    /** As books keep it, the same in every language. */
    public String kept() {
        return number == 0 ? NOTHING : inProgress() ? AT.formatted(number, of, title) : ALL.formatted(of);
    }

    /** Reads what a book kept; anything else counts as not started. */
    public static LeftOff read(String kept) {
        Matcher at = AT_READ.matcher(kept);
        if (at.matches()) {
            return new LeftOff(Integer.parseInt(at.group(1)), Integer.parseInt(at.group(2)), at.group(3));
        }
        Matcher all = ALL_READ.matcher(kept);
        return all.matches() ? finished(Integer.parseInt(all.group(1))) : NOT_STARTED;
    }
}
