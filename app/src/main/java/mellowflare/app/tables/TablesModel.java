package mellowflare.app.tables;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.book.job.JobFiles;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndSearch;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.TradeWords;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.lookalike.Comparison;
import mellowflare.core.lookalike.Interchange;
import mellowflare.core.lookalike.InterchangeChart;
import mellowflare.core.lookalike.LookAlikePair;
import mellowflare.core.lookalike.LookAlikes;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.section.HalfSection;

/** What Tables does, without a window: search, the chosen end, what goes on it. */
public final class TablesModel {
    private final Desk desk;
    private final StringProperty search = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<List<End>> found = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Optional<End>> chosen = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Mode> mode = new ReadOnlyObjectWrapper<>(Mode.ONE_END);
    private final ReadOnlyObjectWrapper<Optional<End>> kept = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Optional<Gender> gender = Optional.empty();
    private Optional<Body> body = Optional.empty();
    private boolean fittedOnly;
    private Optional<List<LookAlikePair>> pairs = Optional.empty();
    private Optional<InterchangeChart> chart = Optional.empty();

    public TablesModel(Desk desk) {
        this.desk = desk;
        search.addListener((o, was, now) -> find());
        find();
    }

    private void find() {
        found.set(desk.data().get(EndSearch.KEY).find(search.get()).stream()
                .filter(e -> gender.filter(g -> g != e.gender()).isEmpty())
                .filter(e -> body.filter(b -> b != e.body()).isEmpty())
                .filter(e -> !fittedOnly || desk.findingsProperty().get().times(e.id()) > 0)
                .toList());
        if (chosen.get().filter(found.get()::contains).isEmpty()) {
            chosen.set(found.get().stream().findFirst());
        }
    }

    public StringProperty searchProperty() {
        return search;
    }

    /** The ends that hold the words of the search. */
    public ReadOnlyObjectProperty<List<End>> foundProperty() {
        return found.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Optional<End>> chosenProperty() {
        return chosen.getReadOnlyProperty();
    }

    public void choose(End end) {
        chosen.set(Optional.of(end));
    }

    public Optional<Gender> gender() {
        return gender;
    }

    public Optional<Body> body() {
        return body;
    }

    /** Keeps to one gender, or to all. */
    public void only(Optional<Gender> g) {
        gender = g;
        find();
    }

    /** Keeps to one kind of outside, or to all. */
    public void onlyOutside(Optional<Body> b) {
        body = b;
        find();
    }

    public boolean fittedOnly() {
        return fittedOnly;
    }

    /** Keeps to the ends that were named and fitted here, which is what leans the ranking. */
    public void onlyFitted(boolean fitted) {
        fittedOnly = fitted;
        find();
    }

    /** An end of the list, with how often it was fitted here. */
    public String listed(End e) {
        int times = desk.findingsProperty().get().times(e.id());
        return times == 0
                ? Say.it(
                        "tables-model.listed",
                        "end",
                        e.title(),
                        "gender",
                        e.gender().word())
                : Say.it(
                        "tables-model.listed-fitted-here",
                        "end",
                        e.title(),
                        "gender",
                        e.gender().word(),
                        "times",
                        times);
    }

    public ReadOnlyObjectProperty<Mode> modeProperty() {
        return mode.getReadOnlyProperty();
    }

    /** Opens another view; the end that is chosen is kept to hold others beside it, beginning with its nearest look-alike. */
    public void show(Mode m) {
        if (m == Mode.BESIDE && mode.get() != Mode.BESIDE) {
            Optional<End> first = chosen.get();
            kept.set(first);
            first.flatMap(e ->
                            desk.data().get(LookAlikes.KEY).of(e.id()).stream().findFirst())
                    .ifPresent(t -> chosen.set(Optional.of(t.other())));
        }
        mode.set(m);
    }

    /** The end that others are held beside. */
    public ReadOnlyObjectProperty<Optional<End>> keptProperty() {
        return kept.getReadOnlyProperty();
    }

    /** Holds two ends beside each other. */
    public void beside(End one, End other) {
        kept.set(Optional.of(one));
        chosen.set(Optional.of(other));
        mode.set(Mode.BESIDE);
    }

    /** The kept end as its standard has it. */
    public Optional<Drawing> keptDrawing() {
        return kept.get().map(e -> HalfSection.of(e, e.usualSeat(), units()));
    }

    /** The kept end and the chosen one, look by look. */
    public Optional<Comparison> comparison() {
        return kept.get().flatMap(one -> chosen.get().map(other -> Comparison.of(one, other, units(), desk.data())));
    }

    /** All look-alikes of which one is among the ends found, most treacherous first. */
    public List<LookAlikePair> lookAlikes() {
        if (pairs.isEmpty()) {
            pairs = Optional.of(desk.data().get(LookAlikes.KEY).pairs());
        }
        Set<End> wanted = new HashSet<>(found.get());
        return pairs.get().stream()
                .filter(p -> wanted.contains(p.one())
                        || wanted.contains(p.lookAlike().other()))
                .toList();
    }

    /** What fits what, family by family. */
    public InterchangeChart chart() {
        if (chart.isEmpty()) {
            chart = Optional.of(InterchangeChart.of(desk.data()));
        }
        return chart.get();
    }

    /** What the chosen end is asked for as, at each counter that has a word for it. */
    public List<String> atTheCounter() {
        return chosen.get()
                .map(e -> desk.data().get(TradeWords.KEY).of(e).entrySet().stream()
                        .map(w -> Say.it("tables-model.at", "key", w.getKey().words(), "value", w.getValue()))
                        .toList())
                .orElse(List.of());
    }

    /** Shows an end whatever is being searched for. */
    public void lookUp(End end) {
        gender = Optional.empty();
        body = Optional.empty();
        fittedOnly = false;
        mode.set(Mode.ONE_END);
        search.set("");
        find();
        choose(end);
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** The chosen end as its standard has it. */
    public Optional<Drawing> drawing() {
        return chosen.get().map(e -> HalfSection.of(e, e.usualSeat(), units()));
    }

    /** How often the chosen end was named by measuring and then fitted here. */
    public int fittedHere() {
        return chosen.get()
                .map(e -> desk.findingsProperty().get().times(e.id()))
                .orElse(0);
    }

    /** What goes on the chosen end. */
    public List<Interchange> goesOn() {
        return chosen.get().map(e -> Interchange.on(e, desk.data())).orElse(List.of());
    }

    /** What goes on the chosen end and seals, or what goes on and leaks: all of it, those with the same outcome in one sentence. */
    public List<String> goesOn(boolean seals) {
        Map<String, List<String>> byOutcome = goesOn().stream()
                .filter(i -> i.seals() == seals)
                .collect(Collectors.groupingBy(
                        Interchange::says,
                        LinkedHashMap::new,
                        Collectors.mapping(TablesModel::named, Collectors.toList())));
        return byOutcome.entrySet().stream()
                .map(e -> String.join(", ", e.getValue()) + ": " + e.getKey())
                .toList();
    }

    private static String named(Interchange i) {
        return i.other().brief() + " " + i.other().gender().word();
    }

    public Optional<SealAdvice> seal() {
        return chosen.get().flatMap(e -> desk.sealOn(e, e.usualSeat()));
    }

    /** The band over the crests, in the given system. */
    public String band(UnitSystem system) {
        return chosen.get()
                .flatMap(End::across)
                .map(a -> Say.it(
                        "tables-model.band",
                        "low",
                        LengthFormat.figure(a.low(), system),
                        "high",
                        LengthFormat.figure(a.high(), system)))
                .orElse(Say.it("tables-model.no-figure-known"));
    }

    /** Writes the true-size gauge card beside the book and says where. */
    public void gaugeCard() {
        desk.keeper()
                .ask(
                        book -> JobFiles.gaugeCard(desk.data(), book.folder().resolve("out")),
                        path -> desk.tell(Say.it("tables-model.gauge-card-written-print", "path", path)),
                        desk::tell);
    }

    /** The chosen end becomes a port of the line, picked and not measured. */
    public void use(LineEnd which) {
        chosen.get().ifPresent(e -> {
            desk.change(
                    Say.it("tables-model.end-picked", "which", which),
                    "",
                    j -> j.withPort(which, j.ports().of(which).taken(e.id(), Optional.empty())));
            desk.tell(Say.it(
                    "tables-model.end-now-picked-from",
                    "which",
                    which,
                    "title",
                    e.title(),
                    "gender",
                    e.gender().word()));
        });
    }
}
