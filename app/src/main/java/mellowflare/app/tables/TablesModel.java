package mellowflare.app.tables;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.book.exchange.JobFiles;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndSearch;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.hose.Which;
import mellowflare.core.identify.HalfSection;
import mellowflare.core.identify.Interchange;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.sealing.SealAdvice;

/** What Tables does, without a window: search, the chosen end, what goes on it. */
public final class TablesModel {
    private final Desk desk;
    private final StringProperty search = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<List<End>> found = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Optional<End>> chosen = new ReadOnlyObjectWrapper<>(Optional.empty());

    public TablesModel(Desk desk) {
        this.desk = desk;
        search.addListener((o, was, now) -> find());
        find();
    }

    private void find() {
        found.set(desk.data().get(EndSearch.KEY).find(search.get()));
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

    /** Shows an end whatever is being searched for. */
    public void lookUp(End end) {
        search.set("");
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
                .map(a -> LengthFormat.figure(a.low(), system) + " to " + LengthFormat.figure(a.high(), system))
                .orElse("no figure known");
    }

    /** Writes the true-size gauge card beside the book and says where. */
    public void gaugeCard() {
        desk.keeper()
                .ask(
                        book -> JobFiles.gaugeCard(desk.data(), book.folder().resolve("out")),
                        path -> desk.tell("Gauge card written to " + path + ". Print it at 100 %."),
                        desk::tell);
    }

    /** The chosen end becomes a port of the line, picked and not measured. */
    public void use(Which which) {
        chosen.get().ifPresent(e -> {
            desk.change(
                    "end " + which + " picked",
                    "",
                    j -> j.withLine(j.line().withEnd(which, j.line().end(which).taken(e.id(), Optional.empty()))));
            desk.tell(
                    "End " + which + " is now " + e.title() + ", " + e.gender().word() + ", picked from the tables.");
        });
    }
}
