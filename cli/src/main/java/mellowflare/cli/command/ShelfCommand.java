package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.parts.ShelfCsv;
import mellowflare.book.store.Book;
import mellowflare.cli.input.Refused;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Shelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code shelf}: what lies on the shelf of a book. */
@Command(
        name = "shelf",
        mixinStandardHelpOptions = true,
        description = "Lists what lies on the shelf of a book after what its jobs took, and takes counts in.",
        footer = {
            "",
            "In:   --moved for parts that were taken or counted only; --count FILE --by NAME takes a CSV file of counts in (part, counted)",
            "Out:  parts (part, name, unit, onShelf, lengths, takenBeyond, counted, taken); with --csv a sheet to count by; after --count: counted, leftOut",
            "Example:  ./mellow-flare shelf --demo --csv --out shelf.csv",
            "          ./mellow-flare shelf --demo --count shelf.csv --by Oda"
        })
public final class ShelfCommand implements Callable<Integer> {
    @Mixin
    private Where where;

    @Mixin
    private Streams streams;

    @Option(names = "--moved", description = "Only parts that were taken or counted.")
    private boolean moved;

    @Option(names = "--csv", description = "A sheet to count by.")
    private boolean csv;

    @Option(names = "--count", paramLabel = "FILE", description = "A CSV file of counts.")
    private Path counts;

    @Option(names = "--by", paramLabel = "NAME", description = "Who counted.")
    private String by;

    @Override
    public Integer call() throws BookTrouble, IOException, Refused {
        try (Book book = where.open()) {
            ReferenceData data = where.data(book);
            if (counts != null) {
                streams.give(count(book, data).toPrettyString() + "\n");
                return ExitStatus.COMPUTED;
            }
            Shelf shelf = data.get(Shelf.KEY);
            List<ShelfLine> lines = ShelfLine.all(data).stream()
                    .filter(l -> !moved || shelf.touched().contains(l.key()))
                    .toList();
            streams.give(csv ? ShelfCsv.text(lines) : json(lines, shelf).toPrettyString() + "\n");
            return ExitStatus.COMPUTED;
        }
    }

    private ObjectNode count(Book book, ReferenceData data) throws BookTrouble, Refused {
        if (by == null || by.isBlank()) {
            throw new Refused(Say.it("shelf-command.say-who"));
        }
        ShelfCsv.Counted read = ShelfCsv.read(counts, data, Instant.now(), by.strip());
        for (Count c : read.counts()) {
            book.count(c);
        }
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("counted", read.counts().size());
        ArrayNode left = out.putArray("leftOut");
        read.troubles().forEach(left::add);
        return out;
    }

    private static ObjectNode json(List<ShelfLine> lines, Shelf shelf) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        ArrayNode parts = out.putArray("parts");
        for (ShelfLine l : lines) {
            ObjectNode one = parts.addObject()
                    .put("part", l.key())
                    .put("name", l.name())
                    .put("unit", l.metres() ? "m" : "pc")
                    .put("onShelf", l.held().amount());
            if (l.metres()) {
                ArrayNode lengths = one.putArray("lengths");
                l.held().pieces().forEach(p -> lengths.add(p.mm()));
            }
            if (l.held().wantsCounting()) {
                one.put("takenBeyond", l.held().over());
            }
            shelf.count(l.key())
                    .ifPresent(c -> one.putObject("counted")
                            .put("amount", c.amount())
                            .put("at", c.at().toString())
                            .put("by", c.by()));
            taken(one, shelf.moves(l.key()));
        }
        return out;
    }

    private static void taken(ObjectNode one, List<Move> moves) {
        if (moves.isEmpty()) {
            return;
        }
        ArrayNode all = one.putArray("taken");
        for (Move m : moves) {
            ObjectNode n = all.addObject()
                    .put("job", m.job())
                    .put("step", m.step())
                    .put("at", m.at().toString())
                    .put("by", m.by())
                    .put("amount", m.used().amount());
            m.used().piece().ifPresent(p -> n.put("piece", p.mm()));
            m.used().left().ifPresent(p -> n.put("left", p.mm()));
        }
    }
}
