package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Attachment;
import mellowflare.core.job.Handed;
import mellowflare.core.job.Handing;

/** Who held a job and what goes along with it, to and from a tree. */
public final class HandingJson {
    private HandingJson() {}

    public static ObjectNode write(Handing h) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        if (!h.handed().isEmpty()) {
            ArrayNode all = n.putArray("handed");
            h.handed()
                    .forEach(x -> all.addObject()
                            .put("from", x.from())
                            .put("to", x.to())
                            .put("at", x.at().toString())
                            .put("said", x.said()));
        }
        if (!h.attached().isEmpty()) {
            ArrayNode all = n.putArray("attached");
            h.attached()
                    .forEach(a -> all.addObject()
                            .put("file", a.file())
                            .put("name", a.name())
                            .put("said", a.said())
                            .put("by", a.by())
                            .put("at", a.at().toString())
                            .put("bytes", a.bytes()));
        }
        return n;
    }

    /**
     * @throws BookTrouble if a field is wrong; says which
     */
    public static Handing read(Fields f) throws BookTrouble {
        List<Handed> handed = new ArrayList<>();
        for (Fields x : f.array("handed")) {
            try {
                handed.add(new Handed(x.textOr("from", ""), x.text("to"), x.instant("at"), x.textOr("said", "")));
            } catch (IllegalArgumentException e) {
                throw wrong(x, "to", e);
            }
        }
        List<Attachment> attached = new ArrayList<>();
        for (Fields x : f.array("attached")) {
            try {
                attached.add(new Attachment(
                        x.text("file"),
                        x.text("name"),
                        x.textOr("said", ""),
                        x.textOr("by", ""),
                        x.instant("at"),
                        (long) x.number("bytes")));
            } catch (IllegalArgumentException e) {
                throw wrong(x, "file", e);
            }
        }
        try {
            return new Handing(handed, attached);
        } catch (IllegalArgumentException e) {
            throw wrong(f, "attached", e);
        }
    }

    private static BookTrouble wrong(Fields f, String name, IllegalArgumentException e) {
        BookTrouble trouble = f.wrong(name, e.getMessage());
        trouble.initCause(e);
        return trouble;
    }
}
