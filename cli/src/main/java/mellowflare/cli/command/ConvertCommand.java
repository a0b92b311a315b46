package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.cli.output.FindingsOut;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.ShopInches;
import mellowflare.core.measure.UnitSystem;
import picocli.CommandLine.Command;

/** {@code convert}: a length as it was written, in both systems. */
@Command(
        name = "convert",
        mixinStandardHelpOptions = true,
        description = "Reads a length as fitters write it and gives it in both systems. Bare numbers are inches.",
        footer = {
            "",
            "In:   text, denominator (finest division of the rule, default 16)",
            "Out:  mm, inches, fraction, feetInches, roundingError (mm)",
            "Example:  echo '{\"text\": \"6 ft 4-1/2 in\"}' | ./mellow-flare convert"
        })
public final class ConvertCommand extends ComputeCommand {
    private static final List<String> COLUMNS =
            List.of("understoodAs", "mm", "inches", "fraction", "feetInches", "roundingError");

    @Override
    public Computation computation() {
        return new Convert();
    }

    private static final class Convert implements Computation {

        @Override
        public ObjectNode of(Fields record) throws Refused {
            String text = record.needText("text");
            int denominator = record.count("denominator", 1, 1024).orElse(LengthFormat.SHOP_DENOMINATOR);
            Read<Length> read = LengthText.read(text, UnitSystem.INCH);
            if (read.refusal().isPresent()) {
                throw record.wrong("text", read.refusal().get());
            }
            Length length = read.value().orElseThrow();
            ShopInches shop = ShopInches.of(length, denominator);
            boolean bare = LengthText.readWithUnit(text).value().isEmpty();
            ObjectNode out = JsonNodeFactory.instance.objectNode();
            out.put(
                    "understoodAs",
                    bare
                            ? Say.it("convert-command.inches-as-no-unit")
                            : Say.it("convert-command.unit-that-was-written"));
            out.put("mm", length.mm());
            out.put("inches", length.inches());
            out.put("fraction", shop.text());
            out.put("feetInches", shop.feetText());
            out.put("roundingError", shop.error().mm());
            FindingsOut.put(out, List.of(), UnitSystem.METRIC);
            return out;
        }

        @Override
        public List<String> columns() {
            return COLUMNS;
        }

        @Override
        public List<String> cells(ObjectNode result) {
            return COLUMNS.stream().map(c -> result.path(c).asText()).toList();
        }

        @Override
        public String text(ObjectNode result) {
            return Say.it(
                    "convert-command.mm-taken-as-fraction",
                    "asDouble",
                    LengthFormat.decimal(result.path("mm").asDouble(), 3, 0),
                    "asDoubleB",
                    LengthFormat.decimal(result.path("inches").asDouble(), 4, 0),
                    "mm",
                    result.path("fraction").asText(),
                    "asTextB",
                    result.path("feetInches").asText(),
                    "asTextC",
                    result.path("understoodAs").asText(),
                    "asDoubleC",
                    LengthFormat.decimal(result.path("roundingError").asDouble(), 3, 0));
        }
    }
}
