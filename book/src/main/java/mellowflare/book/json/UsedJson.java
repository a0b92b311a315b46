package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.measure.Length;
import mellowflare.core.shelf.Used;

/** What a ticked step took, to and from a tree. */
public final class UsedJson {
    private UsedJson() {}

    static void write(ArrayNode into, List<Used> used) {
        for (Used u : used) {
            ObjectNode n = into.addObject();
            n.put("part", u.key());
            n.put("name", u.name());
            n.put("amount", u.amount());
            n.put("metres", u.metres());
            n.put("from", Words.of(u.from()));
            u.piece().ifPresent(p -> n.put("piece", p.mm()));
            u.left().ifPresent(l -> n.put("left", l.mm()));
        }
    }

    static List<Used> read(List<Fields> all) throws BookTrouble {
        List<Used> used = new ArrayList<>();
        for (Fields f : all) {
            used.add(read(f));
        }
        return used;
    }

    /**
     * One part that was taken.
     *
     * @throws BookTrouble if it cannot be: nothing of it, or more left than it was cut from
     */
    public static Used read(Fields f) throws BookTrouble {
        try {
            return new Used(
                    f.text("part"),
                    f.text("name"),
                    f.number("amount"),
                    f.flag("metres"),
                    f.word("from", Used.From.class),
                    f.maybeNumber("piece").map(Length::ofMm),
                    f.maybeNumber("left").map(Length::ofMm));
        } catch (IllegalArgumentException e) {
            BookTrouble trouble = f.wrong("part", e.getMessage());
            trouble.initCause(e);
            throw trouble;
        }
    }
}
