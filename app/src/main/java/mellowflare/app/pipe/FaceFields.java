package mellowflare.app.pipe;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.offset.OffsetAsk;

/** From face to face of two flanges at the top, right, bottom and left; they count once all four are there. */
final class FaceFields {
    private final List<FieldState<Length>> fields =
            Stream.generate(AboveZero::taped).limit(OffsetAsk.ROUND).toList();

    /**
     * @param read told of all four after each change; of none while one is missing
     */
    FaceFields(Consumer<List<Length>> read) {
        fields.forEach(f -> f.onChange(() -> {
            List<Length> all = fields.stream().flatMap(x -> x.value().stream()).toList();
            read.accept(all.size() == OffsetAsk.ROUND ? all : List.of());
        }));
    }

    List<FieldState<Length>> all() {
        return fields;
    }

    /** Shows all four. Where there are none, fields that are filled in part stay as they are, unless another job was opened. */
    void show(List<Length> faces, boolean otherJob, UnitSystem u) {
        if (!faces.isEmpty()) {
            for (int i = 0; i < fields.size(); i++) {
                OffsetFields.show(fields.get(i), Optional.of(faces.get(i)), "", u);
            }
        } else if (otherJob || OffsetFields.all(fields)) {
            fields.forEach(FieldState::clear);
        }
    }
}
