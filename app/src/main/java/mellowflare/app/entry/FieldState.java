package mellowflare.app.entry;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;

/**
 * The state of one number field: the text as typed, what was understood, and the refusal. A refused text keeps the last good value; an empty one
 * clears it.
 *
 * @param <T> the kind of value
 */
public final class FieldState<T> {
    private final BiFunction<String, UnitSystem, Read<T>> reader;
    private final BiFunction<T, UnitSystem, String> shown;
    private final StringProperty text = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<Optional<T>> value = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper understood = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper refusal = new ReadOnlyStringWrapper("");
    private UnitSystem units = UnitSystem.METRIC;
    private boolean quiet;
    private Runnable onChange = () -> {};

    /**
     * @param reader reads the text in the job's system
     * @param shown writes what was understood, in the other system
     */
    public FieldState(BiFunction<String, UnitSystem, Read<T>> reader, BiFunction<T, UnitSystem, String> shown) {
        this.reader = reader;
        this.shown = shown;
        text.addListener((o, was, now) -> typed());
    }

    /** For kinds of value that do not depend on the job's system. */
    public static <T> FieldState<T> of(Function<String, Read<T>> reader, Function<T, String> shown) {
        return new FieldState<>((t, u) -> reader.apply(t), (v, u) -> shown.apply(v));
    }

    /** Called when the value changed because of typing, not when it is set from the job. */
    public void onChange(Runnable action) {
        onChange = action;
    }

    public StringProperty textProperty() {
        return text;
    }

    public ReadOnlyObjectProperty<Optional<T>> valueProperty() {
        return value.getReadOnlyProperty();
    }

    public Optional<T> value() {
        return value.get();
    }

    public ReadOnlyStringProperty understoodProperty() {
        return understood.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty refusalProperty() {
        return refusal.getReadOnlyProperty();
    }

    /** Sets text and value from the job. A refused text that the fitter is still typing is left alone. */
    public void show(String asTyped, Optional<T> now, UnitSystem system) {
        boolean sameUnits = system == units;
        units = system;
        if (sameUnits
                && value.get().equals(now)
                && (!refusal.get().isEmpty() || reads(text.get()).equals(now))) {
            understood.set(now.map(v -> shown.apply(v, units)).orElse(""));
            return;
        }
        quiet = true;
        text.set(asTyped);
        quiet = false;
        value.set(now);
        refusal.set("");
        understood.set(now.map(v -> shown.apply(v, units)).orElse(""));
    }

    /** Empties the field, a refused text too, as after its value was taken or given up. Nobody is told. */
    public void clear() {
        quiet = true;
        text.set("");
        quiet = false;
        value.set(Optional.empty());
        refusal.set("");
        understood.set("");
    }

    private Optional<T> reads(String typed) {
        return typed.isBlank() ? Optional.empty() : reader.apply(typed, units).value();
    }

    private void typed() {
        if (quiet) {
            return;
        }
        if (text.get().isBlank()) {
            accept(Optional.empty());
            return;
        }
        Read<T> read = reader.apply(text.get(), units);
        refusal.set(read.refusal().orElse(""));
        if (read.value().isPresent()) {
            accept(read.value());
        } else {
            understood.set("");
        }
    }

    private void accept(Optional<T> now) {
        refusal.set("");
        understood.set(now.map(v -> shown.apply(v, units)).orElse(""));
        value.set(now);
        onChange.run();
    }
}
