package mellowflare.core.run.walk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/**
 * One call on a walk, taken apart: {@code bench: drop 2.2 m leg 300 filtered}.
 *
 * @param name said before the colon, or the usual one
 * @param verb the first word, in small letters
 * @param first what stands between the verb and the first of the known words; may be empty
 * @param more what follows each known word
 * @param flags known words after which nothing follows
 */
public record Call(String name, String verb, String first, Map<String, String> more, Set<String> flags) {
    /** Shorter pipe than this without a unit is a slip: metres were meant. */
    private static final double SLIP_MM = 60;

    private static final int MOST = 200;
    private static final Pattern NAMED = Pattern.compile("\\s*([^:]{1,40}?)\\s*:\\s*(.*)", Pattern.DOTALL);

    public Call {
        more = Map.copyOf(more);
        flags = Set.copyOf(flags);
    }

    /**
     * The words that a kind of line knows after the first one.
     *
     * @param verbs said to whoever asks what can be called out
     * @param words with something after them
     * @param flags with nothing after them
     */
    public record Words(String verbs, List<String> words, List<String> flags) {
        public Words {
            words = List.copyOf(words);
            flags = List.copyOf(flags);
        }

        private Pattern pattern() {
            return Pattern.compile(
                    "(?<=\\s)(" + String.join("|", words) + "|" + String.join("|", flags) + ")(?=\\s|$)");
        }
    }

    /**
     * @param text as called out
     * @param usualName taken where the text gives no name
     * @param start name of the place where the walk begins, which no piece may take
     */
    public static Read<Call> read(String text, String usualName, String start, Words words) {
        if (text == null || text.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("call.call-out-next-piece", "verbs", words.verbs()));
        }
        if (text.length() > MOST) {
            return Read.refuse(Refusal.TOO_LONG, Say.it("call.that-too-long-for"));
        }
        Matcher named = NAMED.matcher(text);
        String name = named.matches() ? named.group(1).strip() : usualName;
        String rest = (named.matches() ? named.group(2) : text).strip();
        if (name.isEmpty() || rest.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, Say.it("call.after-name-call-out", "verbs", words.verbs()));
        }
        if (name.equalsIgnoreCase(start)) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("call.where-walk-begins-take", "start", start));
        }
        int blank = rest.indexOf(' ');
        String verb = (blank < 0 ? rest : rest.substring(0, blank)).toLowerCase(Locale.ROOT);
        return Read.of(apart(name, verb, blank < 0 ? "" : rest.substring(blank), words));
    }

    private static Call apart(String name, String verb, String text, Words words) {
        Matcher m = words.pattern().matcher(text);
        Map<String, String> more = new LinkedHashMap<>();
        String word = "";
        int from = 0;
        String first = "";
        while (m.find()) {
            String before = text.substring(from, m.start()).strip();
            if (word.isEmpty()) {
                first = before;
            } else {
                more.put(word, before);
            }
            word = m.group(1);
            from = m.end();
        }
        String last = text.substring(from).strip();
        if (word.isEmpty()) {
            first = last;
        } else {
            more.put(word, last);
        }
        return new Call(name, verb, first, more, Set.copyOf(words.flags()));
    }

    /** What follows a word; empty where it was not said. */
    public Optional<String> maybe(String word) {
        return Optional.ofNullable(more.get(word)).filter(t -> !t.isEmpty());
    }

    /** Whether a word was said. */
    public boolean says(String word) {
        return more.containsKey(word);
    }

    /** This call, or the refusal of a word that says nothing about its piece, or has nothing after it yet. */
    public Read<Call> only(List<String> known) {
        Optional<String> empty = more.entrySet().stream()
                .filter(e -> e.getValue().isEmpty() && !flags.contains(e.getKey()))
                .map(Map.Entry::getKey)
                .findFirst();
        if (empty.isPresent()) {
            return Read.refuse(Refusal.EMPTY, Say.it("call.nothing-follows-after-yet", "empty", empty.get()));
        }
        return more.keySet().stream()
                .filter(w -> !known.contains(w))
                .findFirst()
                .<Read<Call>>map(w -> Read.refuse(Refusal.NOT_A_NUMBER, Say.it("call.says-nothing-about-this", "w", w)))
                .orElse(Read.of(this));
    }

    /**
     * How far a piece goes. A short metric length without a unit is refused: metres may have been meant.
     *
     * @param what the length of, for the refusal
     */
    public static Read<Length> length(String text, UnitSystem units, String what) {
        if (text.isEmpty()) {
            return Read.refuse(Refusal.EMPTY, Say.it("call.give-after-such-as", "what", what));
        }
        boolean bare = LengthText.readWithUnit(text).value().isEmpty();
        return LengthText.read(text, units)
                .then(l -> bare && l.mm() < SLIP_MM && l.mm() > 0 && units == UnitSystem.METRIC
                        ? Read.refuse(
                                Refusal.UNIT_MISSING,
                                Say.it(
                                        "call.would-be-write-m",
                                        "text",
                                        text,
                                        "mm",
                                        LengthFormat.mm(l),
                                        "textB",
                                        text,
                                        "textC",
                                        text))
                        : Read.of(l));
    }

    /** A length as it is called out: metres from one metre up, or the inch figure. */
    public static String reach(Length l, UnitSystem units) {
        return units == UnitSystem.METRIC && l.mm() >= 1000
                ? LengthFormat.decimal(l.mm() / 1000, 5, 0) + " m"
                : LengthFormat.figure(l, units);
    }
}
