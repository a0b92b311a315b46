package mellowflare.cli.command;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutFindings;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import picocli.CommandLine.Command;

/** {@code cutlist}: which bar gives which pieces. */
@Command(
        name = "cutlist",
        mixinStandardHelpOptions = true,
        description =
                "Packs pieces into bars with kerf between them: bars at hand cost nothing, then least price, then fewest bars.",
        footer = {
            "",
            "In:   pieces [{name, length, count}]; stock [{name, length, price, count}] (without count as many as are bought);",
            "      kerf (2 mm); trim (a fresh end on every bar first); keep (shortest remnant worth keeping, 300 mm); units; id",
            "Out:  bars [{stock, length, pieces [{name, length}], remnant, cuts}], unplaced, lowerBound, proven (no cheaper plan exists),",
            "      leastPrice, gap, waste, remnants, price, findings",
            "Example:  echo '{\"pieces\": [{\"name\": \"drop\", \"length\": 2163, \"count\": 5}],"
                    + " \"stock\": [{\"length\": 5600, \"price\": 51}], \"kerf\": 1.5}' | ./mellow-flare cutlist"
        })
public final class CutListCommand extends ComputeCommand {
    private static final List<String> COLUMNS = List.of("bars", "lowerBound", "proven", "waste", "price", "stops");

    @Override
    public Computation computation() {
        return new Cuts();
    }

    private record Cuts() implements Computation {
        @Override
        public ObjectNode of(Fields f) throws Refused {
            UnitSystem units = Words.units(f);
            List<CutTask.Piece> pieces = new ArrayList<>();
            for (Fields p : f.objects("pieces")) {
                String name = p.text("name").orElse(Say.it("cut-list-command.piece", "number", pieces.size() + 1));
                Length length = p.length("length").orElseThrow(() -> p.missing("length"));
                pieces.add(new CutTask.Piece(
                        name, length, p.count("count", 1, CutTask.MOST_PIECES).orElse(1)));
                p.nothingElse();
            }
            List<CutTask.Stock> stock = new ArrayList<>();
            for (Fields s : f.objects("stock")) {
                Length length = s.length("length").orElseThrow(() -> s.missing("length"));
                Optional<Integer> count = s.count("count", 0, CutTask.MOST_PIECES);
                stock.add(new CutTask.Stock(
                        s.text("name").orElse(count.isPresent() ? Say.it("cut-list-command.at-hand") : "bought"),
                        length,
                        s.number("price", 0, 1e9).orElse(count.isPresent() ? 0.0 : length.mm() / 1000),
                        count));
                s.nothingElse();
            }
            Length kerf = f.lengthOrZero("kerf").orElse(Length.ofMm(2));
            if (kerf.compareTo(CutTask.WIDEST_KERF) > 0) {
                throw new Refused(Say.it("cut-list-command.kerf-kerf-no-wider"));
            }
            boolean trim = f.flag("trim");
            Length keep = f.lengthOrZero("keep").orElse(Length.ofMm(300));
            CutPlan plan;
            try {
                plan = CutPlan.of(new CutTask(pieces, stock, kerf, trim, keep));
            } catch (IllegalArgumentException e) {
                throw new Refused("“" + (stock.isEmpty() ? "stock" : "pieces") + "”: " + e.getMessage() + ".", e);
            }
            return out(plan, units);
        }

        private static ObjectNode out(CutPlan plan, UnitSystem units) {
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            ArrayNode bars = out.putArray("bars");
            for (CutBar b : plan.bars()) {
                ObjectNode one = bars.addObject()
                        .put("stock", b.stock().name())
                        .put("length", b.stock().length().mm());
                ArrayNode pieces = one.putArray("pieces");
                b.pieces()
                        .forEach(p -> pieces.addObject()
                                .put("name", p.name())
                                .put("length", p.length().mm()));
                one.put("remnant", b.remnant().mm()).put("cuts", b.cuts());
            }
            ArrayNode unplaced = out.putArray("unplaced");
            plan.unplaced()
                    .forEach(p -> unplaced.addObject()
                            .put("name", p.name())
                            .put("length", p.length().mm()));
            out.put("lowerBound", plan.lowerBound());
            out.put("proven", plan.proven());
            out.put("leastPrice", plan.leastPrice());
            out.put("gap", plan.gap());
            out.put("waste", plan.waste());
            ArrayNode remnants = out.putArray("remnants");
            plan.remnants().forEach(r -> remnants.add(r.mm()));
            out.put("price", plan.price());
            FindingsOut.put(out, CutFindings.of(plan), units);
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode r) {
            return List.of(
                    Integer.toString(r.path("bars").size()),
                    r.path("lowerBound").asText(""),
                    r.path("proven").asText(""),
                    r.path("waste").asText(""),
                    r.path("price").asText(""),
                    FindingsOut.failed(r, "stop"));
        }

        @Override
        public String text(ObjectNode r) {
            StringBuilder text = new StringBuilder();
            int number = 1;
            for (JsonNode b : r.path("bars")) {
                text.append(number++).append("  ").append(b.path("stock").asText());
                text.append(
                        String.format(Locale.ROOT, " %.1f mm:", b.path("length").asDouble()));
                Map<String, Integer> alike = new LinkedHashMap<>();
                for (JsonNode p : b.path("pieces")) {
                    String piece = String.format(
                            Locale.ROOT,
                            "%s %.1f mm",
                            p.path("name").asText(),
                            p.path("length").asDouble());
                    alike.merge(piece, 1, Integer::sum);
                }
                alike.forEach((piece, n) ->
                        text.append("  ").append(n > 1 ? n + " x " : "").append(piece));
                text.append(String.format(
                        Locale.ROOT, ";  left %.1f mm%n", b.path("remnant").asDouble()));
            }
            text.append(String.format(
                    Locale.ROOT,
                    r.path("proven").asBoolean()
                            ? Say.it("cut-list-command.d-bars-price-2f")
                            : Say.it("cut-list-command.d-bars-price-2f-2"),
                    r.path("bars").size(),
                    r.path("price").asDouble(),
                    100 * r.path("waste").asDouble()));
            text.append(Words.findings(r.path("findings")));
            return text.toString();
        }
    }
}
