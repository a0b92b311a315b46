package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;

/** A measured figure with who called and wrote it, to and from a tree. */
public final class FigureJson {
    private FigureJson() {}

    public static ObjectNode write(CalledFigure f) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("value", f.value().mm());
        n.put("entered", f.entered());
        n.put("calledBy", f.calledBy());
        n.put("writtenBy", f.writtenBy());
        n.put("instrument", Words.of(f.instrument()));
        f.second().ifPresent(s -> n.put("second", s.mm()));
        n.put("secondBy", f.secondBy());
        return n;
    }

    public static CalledFigure read(Fields f) throws BookTrouble {
        return new CalledFigure(
                Length.ofMm(f.number("value")),
                f.textOr("entered", ""),
                f.textOr("calledBy", ""),
                f.textOr("writtenBy", ""),
                f.has("instrument") ? f.word("instrument", Instrument.class) : Instrument.TAPE,
                f.maybeNumber("second").map(Length::ofMm),
                f.textOr("secondBy", ""));
    }
}
