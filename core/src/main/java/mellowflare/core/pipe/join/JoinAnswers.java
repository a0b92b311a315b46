package mellowflare.core.pipe.join;

import java.util.Optional;

/**
 * What is asked before a joiner is chosen; what was not answered stays empty.
 *
 * @param opened how often it is opened
 * @param turns whether one of the two pipes can be turned
 * @param weld whether welding is allowed there
 * @param sameMetal whether both pipes are of one metal
 * @param gap what lies between them
 */
public record JoinAnswers(
        Optional<Opened> opened,
        Optional<Boolean> turns,
        Optional<Boolean> weld,
        Optional<Boolean> sameMetal,
        Optional<Gap> gap) {
    public static final JoinAnswers NONE =
            new JoinAnswers(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** How often a joint is opened. */
    public enum Opened {
        NEVER,
        AT_TIMES,
        OFTEN
    }

    /** What lies between two pipes. */
    public enum Gap {
        /** They meet end to end. */
        TOUCHING,
        /** A short link, or a branch. */
        SHORT,
        /** A length that is cut out. */
        LENGTH
    }

    public JoinAnswers withOpened(Optional<Opened> now) {
        return new JoinAnswers(now, turns, weld, sameMetal, gap);
    }

    public JoinAnswers withTurns(Optional<Boolean> now) {
        return new JoinAnswers(opened, now, weld, sameMetal, gap);
    }

    public JoinAnswers withWeld(Optional<Boolean> now) {
        return new JoinAnswers(opened, turns, now, sameMetal, gap);
    }

    public JoinAnswers withSameMetal(Optional<Boolean> now) {
        return new JoinAnswers(opened, turns, weld, now, gap);
    }

    public JoinAnswers withGap(Optional<Gap> now) {
        return new JoinAnswers(opened, turns, weld, sameMetal, now);
    }
}
