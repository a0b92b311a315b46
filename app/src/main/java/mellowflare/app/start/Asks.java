package mellowflare.app.start;

import java.util.List;

/** What one screen asks, and the answers to press. */
interface Asks {
    /** The question. */
    String asks();

    /** An answer as one might type it. */
    String prompt();

    /** What is said under the answers. */
    String how();

    List<Answer> all();

    /** The answers for what is typed, likeliest first; all of them while nothing is. */
    List<Answer> matching(String typed);

    /** What happens on an answer, with what was typed. */
    void choose(Answer answer, String typed);

    /**
     * One answer.
     *
     * @param says in a few words
     * @param about what follows from it
     */
    record Answer(String says, String about) {}
}
