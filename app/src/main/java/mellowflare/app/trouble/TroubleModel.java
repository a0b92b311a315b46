package mellowflare.app.trouble;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Attach;
import mellowflare.core.trouble.Cause;
import mellowflare.core.trouble.Diagnosing;
import mellowflare.core.trouble.Diagnosis;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.trouble.ShopCauses;
import mellowflare.core.trouble.Sign;
import mellowflare.core.trouble.SignGroup;
import mellowflare.core.trouble.TroubleAsk;
import mellowflare.core.trouble.TroubleTable;
import mellowflare.core.trouble.What;

/** What Trouble does, without a window: what is said of a leak, and what follows. It is kept while the window is open. */
public final class TroubleModel {
    private static final String COUNTS = "trouble-counts";

    private final Desk desk;
    private final TroubleTable table;
    private final Diagnosing diagnosing;
    private final ReadOnlyObjectWrapper<TroubleAsk> ask = new ReadOnlyObjectWrapper<>(TroubleAsk.of(What.HOSE));
    private final ReadOnlyBooleanWrapper counts = new ReadOnlyBooleanWrapper(true);
    private ShopCauses shop = ShopCauses.NONE;
    private Diagnosis diagnosis;

    public TroubleModel(Desk desk) {
        this.desk = desk;
        this.table = desk.data().get(TroubleTable.KEY);
        this.diagnosing = new Diagnosing(table);
        begin();
        lookUp();
    }

    /** The open job gives what it is made of and what runs in it. */
    private void begin() {
        put(about(desk.current()));
    }

    /** What can be asked of a line as far as it is known. */
    static TroubleAsk about(Evaluation line) {
        What what = Arrays.stream(What.values())
                .filter(w -> w.code().equals(line.job().kind().id().toString()))
                .findFirst()
                .orElse(What.HOSE);
        return TroubleAsk.of(what).withFluid(line.plan().fluid());
    }

    private void put(TroubleAsk now) {
        diagnosis = diagnosing.of(now, counts.get() ? shop : ShopCauses.NONE);
        if (now.equals(ask.get())) {
            // What the shop found has changed, and nothing else: whoever shows it is told all the same.
            ask.set(null);
        }
        ask.set(now);
    }

    /** Looks up what this shop found before, and whether it counts. */
    private void lookUp() {
        desk.keeper()
                .ask(
                        book -> new Known(
                                book.causes(), !book.preference(COUNTS).equals(Optional.of("no"))),
                        known -> {
                            shop = known.causes();
                            counts.set(known.counts());
                            put(ask());
                        },
                        desk::tell);
    }

    private record Known(ShopCauses causes, boolean counts) {}

    // --- what this shop found ---

    /** Whether what this shop found before counts. */
    public ReadOnlyBooleanProperty countsProperty() {
        return counts.getReadOnlyProperty();
    }

    /** Lets what this shop found count, or not; kept for the next time. */
    public void count(boolean is) {
        counts.set(is);
        desk.keeper().remember(COUNTS, is ? "yes" : "no", () -> {}, desk::tell);
        put(ask());
    }

    /** How often this shop found a cause. */
    public int times(Cause c) {
        return shop.times(c);
    }

    /** It was this: kept in the open job with a name and the day, and counted from now on. */
    public void found(Cause c) {
        String by = desk.personProperty().get();
        if (by.isBlank()) {
            desk.tell(Say.it("trouble-model.no-name"));
            return;
        }
        FoundCause found = new FoundCause(c.id(), LocalDate.now(desk.clock()), by);
        desk.change(Say.it("trouble-model.found", "cause", c.name()), "", j -> {
            List<FoundCause> all = new ArrayList<>(j.troubles());
            all.add(found);
            return j.withTroubles(all);
        });
        desk.tell(Say.it(
                "trouble-model.kept", "cause", c.name(), "job", desk.job().title()));
        lookUp();
    }

    public ReadOnlyObjectProperty<TroubleAsk> askProperty() {
        return ask.getReadOnlyProperty();
    }

    public TroubleAsk ask() {
        return ask.get();
    }

    public Diagnosis diagnosis() {
        return diagnosis;
    }

    public UnitSystem units() {
        return desk.units();
    }

    // --- what leaks ---

    public void what(What what) {
        put(TroubleAsk.of(what).withFluid(ask().fluid()));
    }

    /** Ends of the open job that are known, and can leak. */
    public List<LineEnd> ends() {
        return Arrays.stream(LineEnd.values()).filter(e -> end(e).isPresent()).toList();
    }

    private Optional<End> end(LineEnd which) {
        return desk.job().ports().of(which).end().flatMap(desk.data().get(EndTable.KEY)::find);
    }

    /** It leaks at this end of the open job; said again it is taken back. */
    public void at(LineEnd which) {
        Optional<End> here = end(which);
        put(ask().withJoint(ask().joint().equals(here) ? Optional.empty() : here));
    }

    /** The end of the open job that is said to leak. */
    public Optional<LineEnd> at() {
        return ends().stream()
                .filter(e -> ask().joint().isPresent() && ask().joint().equals(end(e)))
                .findFirst();
    }

    public String called(LineEnd which) {
        return Say.it(
                "trouble-model.end",
                "which",
                which,
                "end",
                end(which).map(e -> e.id().text()).orElse(""));
    }

    public void attach(Optional<Attach> attach) {
        put(ask().withAttach(attach));
    }

    // --- signs ---

    public List<Sign> answers(SignGroup group) {
        return table.of(group);
    }

    public Optional<Sign> answer(SignGroup group) {
        return Optional.ofNullable(ask().answers().get(group)).flatMap(table::sign);
    }

    public void answer(SignGroup group, Optional<Sign> sign) {
        put(ask().withAnswer(group, sign.map(Sign::id)));
    }

    /** Looked for, and seen or not. */
    public void look(Sign sign, Optional<Boolean> seen) {
        put(ask().withLook(sign.id(), seen));
    }

    /** What was looked for, and whether it was seen. */
    public List<Looked> looked() {
        List<Looked> all = new ArrayList<>();
        for (Sign s : table.of(SignGroup.SEEN)) {
            if (ask().seen().contains(s.id()) || ask().not().contains(s.id())) {
                all.add(new Looked(s, ask().seen().contains(s.id())));
            }
        }
        return all;
    }

    /**
     * A look that was taken.
     *
     * @param seen whether it was there
     */
    public record Looked(Sign sign, boolean seen) {
        /** In words. */
        public String says() {
            return Say.it("trouble-model.looked", "seen", seen ? "yes" : "no", "sign", sign.says());
        }
    }

    /** Signs that some cause which still counts would bring, and that nobody has looked for. */
    public List<Sign> open() {
        return table.of(SignGroup.SEEN).stream()
                .filter(s -> !ask().seen().contains(s.id()) && !ask().not().contains(s.id()))
                .filter(s -> diagnosis.suspects().stream()
                        .anyMatch(c -> c.cause().likely().containsKey(s.id())))
                .toList();
    }

    /** From the beginning, with the open job. */
    public void again() {
        begin();
    }

    // --- words ---

    public String share(double share) {
        return new Figure.OfShare(share).text(units());
    }

    /** What forbids or warns, in short. */
    public String dangers() {
        return dangers(diagnosis, units());
    }

    static String dangers(Diagnosis d, UnitSystem units) {
        return d.findings().stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(f -> f.says(units))
                .collect(Collectors.joining(" "));
    }

    /** What to do about a cause: its look, its redo, what it uses up, its parts. */
    public List<String> work(Cause c) {
        List<String> lines =
                new ArrayList<>(List.of(c.look(), c.redo(), c.uses().says()));
        if (!c.parts().isEmpty()) {
            lines.add(Say.it("trouble-model.parts", "parts", String.join(", ", c.parts())));
        }
        if (times(c) > 0) {
            lines.add(Say.it("trouble-model.times", "times", times(c), "counts", counts.get() ? "yes" : "no"));
        }
        return lines;
    }
}
