package mellowflare.app.pipe;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.offset.Obstruction;

/** The figures of what stands in an offset's way; they count once all are there. */
public final class ObstructionFields {
    private final Map<Side, FieldState<Length>> box = new EnumMap<>(Side.class);
    private final FieldState<String> name = OffsetFields.words();
    private final Consumer<Optional<Obstruction>> read;

    /** The figures of what is in the way. */
    public enum Side {
        ALONG,
        LENGTH,
        FROM,
        WIDTH
    }

    /**
     * @param read told of what stands there after each change; empty while a figure is missing
     */
    ObstructionFields(Consumer<Optional<Obstruction>> read) {
        this.read = read;
        for (Side s : Side.values()) {
            FieldState<Length> field = s == Side.FROM || s == Side.ALONG
                    ? new FieldState<>(OffsetFields::signed, (l, u) -> "")
                    : AboveZero.taped();
            field.onChange(this::changed);
            box.put(s, field);
        }
        name.onChange(this::changed);
    }

    public FieldState<Length> of(Side s) {
        return box.get(s);
    }

    public FieldState<String> name() {
        return name;
    }

    private void changed() {
        List<Length> all =
                box.values().stream().flatMap(f -> f.value().stream()).toList();
        read.accept(
                all.size() < Side.values().length
                        ? Optional.empty()
                        : Optional.of(new Obstruction(
                                name.value().orElse(""), all.get(0), all.get(1), all.get(2), all.get(3))));
    }

    /** Shows what stands there. Where nothing does, fields that are filled in part stay as they are, unless another job was opened. */
    void show(Optional<Obstruction> there, boolean otherJob, UnitSystem u) {
        if (there.isEmpty() && (otherJob || OffsetFields.all(box.values()))) {
            box.values().forEach(FieldState::clear);
            name.clear();
        }
        there.ifPresent(x -> {
            OffsetFields.show(box.get(Side.ALONG), Optional.of(x.along()), "", u);
            OffsetFields.show(box.get(Side.LENGTH), Optional.of(x.length()), "", u);
            OffsetFields.show(box.get(Side.FROM), Optional.of(x.from()), "", u);
            OffsetFields.show(box.get(Side.WIDTH), Optional.of(x.width()), "", u);
            OffsetFields.text(name, x.name(), u);
        });
    }
}
