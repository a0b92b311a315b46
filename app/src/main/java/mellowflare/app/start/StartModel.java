package mellowflare.app.start;

import java.util.List;
import java.util.Locale;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.Begin;

/** What a new job is: chosen by its number or by the words that a fitter has for it. */
public final class StartModel implements Asks {
    private final Desk desk;
    private final List<Begin> all;
    private final Runnable next;

    /**
     * @param all ways to begin
     * @param next leads to what comes next with the job
     */
    public StartModel(Desk desk, List<Begin> all, Runnable next) {
        this.desk = desk;
        this.all = List.copyOf(all);
        this.next = next;
    }

    @Override
    public String asks() {
        return Say.it("start-model.asks");
    }

    @Override
    public String prompt() {
        return Say.it("start-model.prompt");
    }

    @Override
    public String how() {
        return Say.it("start-model.how");
    }

    @Override
    public List<Answer> all() {
        return all.stream().map(StartModel::answer).toList();
    }

    @Override
    public List<Answer> matching(String typed) {
        return Words.best(typed, all, Begin::knows).stream()
                .map(StartModel::answer)
                .toList();
    }

    private static Answer answer(Begin b) {
        return new Answer(b.says(), b.about());
    }

    /** Makes the open job one of this kind, named after what was typed, or after the kind. */
    @Override
    public void choose(Answer answer, String typed) {
        Begin chosen =
                all.stream().filter(b -> answer(b).equals(answer)).findFirst().orElseThrow();
        String said = typed.strip();
        int first = said.isEmpty() ? 0 : said.offsetByCodePoints(0, 1);
        String title = said.contains(" ")
                ? said.substring(0, first).toUpperCase(Locale.ROOT) + said.substring(first)
                : chosen.says();
        desk.change(
                Say.it("start-model.began", "what", chosen.says()),
                "",
                j -> chosen.makes().apply(j).withTitle(title));
        next.run();
    }
}
