package mellowflare.core.connection;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.ShopInches;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.thread.ThreadSize;

/** One part in the words of each trade: what to ask for at which counter. */
public final class TradeWords {
    public static final ReferenceKey<TradeWords> KEY = new ReferenceKey<>("trade words", TradeWords.class);
    private static final double SIXTEENTHS_TO_THE_INCH = 16;
    private final Map<String, Map<Trade, String>> templates;

    private TradeWords(Map<String, Map<Trade, String>> templates) {
        this.templates = templates;
    }

    public static TradeWords load() {
        Map<String, Map<Trade, String>> templates = new HashMap<>();
        for (CsvTable.Row row :
                CsvTable.beside(TradeWords.class, "tradewords.csv").rows()) {
            Map<Trade, String> words = new EnumMap<>(Trade.class);
            for (Trade trade : Trade.values()) {
                row.maybe(trade.name().toLowerCase(Locale.ROOT)).ifPresent(t -> words.put(trade, t));
            }
            String key = key(row.word("code", EndCode.class), row.word("gender", Gender.class));
            if (templates.put(key, words) != null) {
                throw row.broken("code", Say.it("trade-words.stands-twice", "key", key));
            }
        }
        return new TradeWords(templates);
    }

    private static String key(EndCode code, Gender gender) {
        return code + " " + gender;
    }

    /** What each trade calls an end; a trade that has no word for it is missing. */
    public Map<Trade, String> of(End end) {
        Map<Trade, String> words = new EnumMap<>(Trade.class);
        templates
                .getOrDefault(key(end.id().code(), end.gender()), Map.of())
                .forEach((trade, template) -> words.put(trade, fill(template, end)));
        return words;
    }

    private static String fill(String template, End end) {
        String size = end.id().size();
        return template.replace("{size}", size)
                .replace("{dash}", end.dash().map(d -> "-" + d.number()).orElse(size))
                .replace(
                        "{sixteenths}",
                        template.contains("{sixteenths}") ? sixteenths(end).orElse(size) : "")
                .replace(
                        "{thread}",
                        end.thread().map(ThreadSize::name).orElse("").replace(" UN", ""))
                .replace("{tube}", end.tube().map(TradeWords::tube).orElse(Say.it("trade-words.its-tube")));
    }

    /** A tube of whole sixteenths is said in inches, another in millimetres. */
    private static String tube(Length tube) {
        double sixteenths = tube.inches() * SIXTEENTHS_TO_THE_INCH;
        return Math.abs(sixteenths - Math.rint(sixteenths)) < 1e-6 && !wholeMm(tube)
                ? ShopInches.of(tube, 16).text() + " in"
                : LengthFormat.mm(tube);
    }

    private static boolean wholeMm(Length tube) {
        return Math.abs(tube.mm() - Math.rint(tube.mm())) < 1e-6;
    }

    private static Optional<String> sixteenths(End end) {
        return LengthText.readWithUnit(end.id().size() + " in")
                .value()
                .map(l -> "-" + Math.round(l.inches() * SIXTEENTHS_TO_THE_INCH));
    }
}
