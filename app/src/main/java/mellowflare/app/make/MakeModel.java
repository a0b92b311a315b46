package mellowflare.app.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.Taking;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Bench;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.RecordField;
import mellowflare.core.procedure.Step;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;

/** What Make does, without a window: the step that is due, its figures, the reading back, ticks. */
public final class MakeModel {
    private final Desk desk;
    private final ReadOnlyStringWrapper refusal = new ReadOnlyStringWrapper("");
    private final StringProperty reason = new SimpleStringProperty("");
    private final StringProperty calledBy = new SimpleStringProperty("");
    private final StringProperty writtenBy = new SimpleStringProperty("");
    private final StringProperty secondBy = new SimpleStringProperty("");
    private final Map<String, String> typed = new HashMap<>();
    private final FieldState<Length> second =
            new FieldState<>(LengthText::read, (v, u) -> LengthFormat.shop(v, u.other()));
    private boolean showing;
    private Evaluation takesOf;
    private List<Used> takes = List.of();
    private String stepShown = "";

    public MakeModel(Desk desk) {
        this.desk = desk;
        calledBy.addListener((o, was, now) -> signed(Say.it("make-model.who-measured")));
        writtenBy.addListener((o, was, now) -> signed(Say.it("make-model.who-wrote")));
        secondBy.addListener((o, was, now) -> seconded());
        second.onChange(this::seconded);
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public Bench bench() {
        return desk.current().bench();
    }

    /** The picture of the step that is due; empty where there is none, and where a figure is to be read back: that has the place, and the step before had the picture. */
    public Optional<Drawing> picture() {
        return due().filter(s -> s.gate() == Step.Gate.NONE)
                .flatMap(s -> desk.current().plan().picture(s));
    }

    public Optional<Step> due() {
        return bench().next();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public Evaluation current() {
        return desk.current();
    }

    public StringProperty personProperty() {
        return desk.personProperty();
    }

    public void person(String name) {
        desk.rememberPerson(name);
        refusal.set("");
    }

    /** Why the last tick was refused; empty when it was not. */
    public ReadOnlyStringProperty refusalProperty() {
        return refusal.getReadOnlyProperty();
    }

    /** What the figures of this line are called at the bench. */
    public BenchWords words() {
        return desk.current().plan().benchWords();
    }

    /** What is still to be said before there is an order of work. */
    public String nothingYet() {
        return desk.current().plan().stillNeeded();
    }

    public StringProperty reasonProperty() {
        return reason;
    }

    public StringProperty calledByProperty() {
        return calledBy;
    }

    public StringProperty writtenByProperty() {
        return writtenBy;
    }

    public StringProperty secondByProperty() {
        return secondBy;
    }

    public FieldState<Length> second() {
        return second;
    }

    /** What was typed for a figure to record. */
    public void typed(RecordField field, String text) {
        typed.put(field.id(), text);
    }

    public String typed(RecordField field) {
        return typed.getOrDefault(field.id(), "");
    }

    /** Ticks the step that is due. */
    public void tick() {
        due().ifPresent(step -> {
            List<Used> takes = takes();
            apply(
                    desk.current()
                            .tick(desk.personProperty().get(), desk.clock().instant(), typed),
                    Say.it("make-model.ticked", "step", step.title()));
            if (refusal.get().isEmpty() && !takes.isEmpty()) {
                desk.tell(Say.it("make-model.taken", "parts", String.join("; ", Taking.says(takes, units()))));
            }
        });
    }

    private List<Used> takes() {
        if (takesOf != desk.current()) {
            takesOf = desk.current();
            takes = takesOf.takesNext();
        }
        return takes;
    }

    /** What ticking the step that is due takes from the shelf, a sentence for each part, and what the shelf holds too little of. */
    public List<String> takesSaid() {
        List<String> said = new ArrayList<>(Taking.says(takes(), units()));
        said.addAll(Taking.missing(takes(), desk.data().get(Shelf.KEY)));
        return said;
    }

    /** Passes the step that is due over, with the reason typed. */
    public void passOver() {
        due().ifPresent(step -> apply(
                bench().passOver(
                                step.id(),
                                desk.personProperty().get(),
                                desk.clock().instant(),
                                reason.get()),
                Say.it("make-model.skipped", "step", step.title())));
    }

    /** The cut figure was read aloud and heard. */
    public void readBack() {
        apply(
                bench().readBack(desk.personProperty().get(), desk.clock().instant()),
                Say.it("make-model.cut-figure-read-back"));
    }

    /** Takes the last tick back. */
    public void untick() {
        desk.change(Say.it("make-model.untick"), "", j -> j.withLog(j.log().withoutLast()));
    }

    private void apply(Read<MakeLog> read, String what) {
        refusal.set(read.refusal().orElse(""));
        read.value().ifPresent(log -> {
            reason.set("");
            desk.change(what, "", j -> j.withLog(log));
        });
    }

    private void signed(String what) {
        figure(what, f -> f.withSigned(calledBy.get(), writtenBy.get()));
    }

    private void seconded() {
        figure(Say.it("make-model.second-reading"), f -> f.withSecond(second.value(), secondBy.get()));
    }

    private void figure(String what, java.util.function.UnaryOperator<CalledFigure> change) {
        if (!showing) {
            desk.change(
                    what,
                    "figure" + what,
                    j -> desk.current()
                            .figure()
                            .map(f -> j.signed(change.apply(f)))
                            .orElse(j));
        }
    }

    private void refresh() {
        showing = true;
        Optional<CalledFigure> figure = desk.current().figure();
        set(calledBy, figure.map(CalledFigure::calledBy).orElse(""));
        set(writtenBy, figure.map(CalledFigure::writtenBy).orElse(""));
        set(secondBy, figure.map(CalledFigure::secondBy).orElse(""));
        Optional<Length> reading = figure.flatMap(CalledFigure::second);
        second.show(reading.map(l -> LengthFormat.figure(l, units())).orElse(""), reading, units());
        showing = false;
        String now = desk.job().id() + due().map(Step::id).orElse("");
        if (!now.equals(stepShown)) {
            stepShown = now;
            typed.clear();
            refusal.set("");
        }
    }

    /** Leaves a text alone that only differs by the spaces still being typed. */
    private static void set(StringProperty property, String value) {
        if (!property.get().strip().equals(value)) {
            property.set(value);
        }
    }
}
