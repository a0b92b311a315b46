package mellowflare.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Spoils good inputs in ways that can be had again from a seed. */
final class Spoiler {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final double[] NUMBERS = {
        0, -0.0, -1, 1, 1e-9, 4.9e-324, 1e9, 1e12, 1e300, 1.7976931348623157e308, -1e12, 0.1, 90, 180, 360, 1e5, 9999999
    };
    private static final String[] WORDS = {
        "",
        " ",
        "nothing known",
        "3 mm",
        "44 7/8 in",
        "1/0",
        "-8",
        "1e308",
        "NaN",
        "Infinity",
        "99999999999 min",
        "\u0000",
        "=1+1",
        "ﬁ½",
        "a, b",
        "\"",
        "17 C",
        "1 1/2-6"
    };
    private static final String LETTERS = "0123456789.,;:-+\"'/ \n\tx\u0000eE°½";
    private final Random chance;

    Spoiler(long seed) {
        this.chance = new Random(seed);
    }

    /** A tree with one to three places spoiled; the tree given is left as it is. */
    JsonNode tree(JsonNode good) {
        JsonNode tree = good.deepCopy();
        for (int n = chance.nextInt(3); n >= 0; n--) {
            List<Runnable> places = new ArrayList<>();
            places(tree, places);
            if (!places.isEmpty()) {
                places.get(chance.nextInt(places.size())).run();
            }
        }
        return tree;
    }

    private void places(JsonNode node, List<Runnable> into) {
        if (node instanceof ObjectNode o) {
            o.fieldNames()
                    .forEachRemaining(name -> into.add(() -> {
                        switch (chance.nextInt(8)) {
                            case 0 -> o.remove(name);
                            case 1 -> o.set(name + "x", o.get(name));
                            default -> o.set(name, odd(o.get(name)));
                        }
                    }));
            o.elements().forEachRemaining(n -> places(n, into));
        } else if (node instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                int at = i;
                into.add(() -> {
                    if (at < a.size()) {
                        switch (chance.nextInt(5)) {
                            case 0 -> a.remove(at);
                            case 1 -> a.insert(at, a.get(at));
                            default -> a.set(at, odd(a.get(at)));
                        }
                    }
                });
                places(a.get(i), into);
            }
        }
    }

    private JsonNode odd(JsonNode was) {
        return switch (chance.nextInt(9)) {
            case 0, 1, 2 -> JSON.numberNode(NUMBERS[chance.nextInt(NUMBERS.length)]);
            case 3 -> JSON.textNode(WORDS[chance.nextInt(WORDS.length)]);
            case 4 -> JSON.numberNode(was.asDouble() * Math.exp(chance.nextGaussian() * 3));
            case 5 -> was.isTextual() ? JSON.textNode(text(was.asText())) : JSON.nullNode();
            case 6 -> JSON.booleanNode(chance.nextBoolean());
            case 7 -> JSON.arrayNode().add(was.deepCopy()).add(1);
            default -> JSON.objectNode().set("x", was.deepCopy());
        };
    }

    /** A text with up to four characters, numbers or pieces of it spoiled. */
    String text(String good) {
        StringBuilder text = new StringBuilder(good);
        for (int n = chance.nextInt(4); n >= 0 && !text.isEmpty(); n--) {
            int at = chance.nextInt(text.length());
            char c = LETTERS.charAt(chance.nextInt(LETTERS.length()));
            switch (chance.nextInt(6)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, c);
                case 2 -> text.insert(at, WORDS[chance.nextInt(WORDS.length)]);
                case 3 -> text.insert(at, Double.toString(NUMBERS[chance.nextInt(NUMBERS.length)]));
                case 4 ->
                    text.insert(
                            at,
                            text.substring(
                                    at, Math.min(text.length(), at + 1 + chance.nextInt(Math.min(40, text.length())))));
                default -> text.setCharAt(at, c);
            }
        }
        return text.toString();
    }
}
