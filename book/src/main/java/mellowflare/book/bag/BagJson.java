package mellowflare.book.bag;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.json.Words;
import mellowflare.core.bag.BagAsk;
import mellowflare.core.bag.OwnFind;

/** What a job says of its bag, to and from JSON. */
public final class BagJson {
    private BagJson() {}

    public static ObjectNode write(BagAsk ask) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        if (!ask.own().isEmpty()) {
            ArrayNode finds = n.putArray("finds");
            for (OwnFind f : ask.own()) {
                ObjectNode find = finds.addObject().put("name", f.name()).put("weight", f.weight());
                ArrayNode parts = find.putArray("parts");
                f.parts().forEach(parts::add);
            }
        }
        if (!ask.sights().isEmpty()) {
            ObjectNode sights = n.putObject("sights");
            new TreeMap<>(ask.sights()).forEach((find, sight) -> sights.put(find, Words.of(sight)));
        }
        ask.chance().ifPresent(c -> n.put("chance", c));
        if (ask.by() != BagAsk.By.CHANCE) {
            n.put("by", Words.of(ask.by()));
        }
        return n;
    }

    /**
     * @throws BookTrouble if a field is wrong; says which
     */
    public static BagAsk read(Fields f) throws BookTrouble {
        List<OwnFind> own = new ArrayList<>();
        for (Fields find : f.array("finds")) {
            own.add(new OwnFind(find.text("name"), find.number("weight"), find.words("parts")));
        }
        Map<String, BagAsk.Sight> sights = new HashMap<>();
        for (Map.Entry<String, String> e : f.texts("sights").entrySet()) {
            sights.put(e.getKey(), sight(f, e.getKey(), e.getValue()));
        }
        return new BagAsk(
                own,
                sights,
                f.maybeNumber("chance"),
                f.maybeWord("by", BagAsk.By.class).orElse(BagAsk.By.CHANCE));
    }

    private static BagAsk.Sight sight(Fields f, String find, String word) throws BookTrouble {
        Optional<BagAsk.Sight> known = Arrays.stream(BagAsk.Sight.values())
                .filter(s -> Words.of(s).equals(word))
                .findFirst();
        if (known.isEmpty()) {
            throw f.wrong("sights." + find, Say.it("bag-json.no-sight", "word", word));
        }
        return known.get();
    }
}
