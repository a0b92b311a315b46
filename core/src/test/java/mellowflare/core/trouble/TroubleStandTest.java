package mellowflare.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Stands;
import org.junit.jupiter.api.Test;

/** Whatever leaks, with one sign told at a time: who is suspected, what to look for next, what is said. */
class TroubleStandTest {
    private final TroubleTable table = TroubleTable.load();
    private final Diagnosing diagnosing = new Diagnosing(table);

    private String said(String told, TroubleAsk ask) {
        Diagnosis d = diagnosing.of(ask);
        StringBuilder line = new StringBuilder(told);
        d.suspects().stream()
                .limit(4)
                .forEach(s ->
                        line.append(", ").append(s.cause().id()).append(' ').append(Stands.figure(s.share())));
        line.append(", unknown ").append(Stands.figure(d.unknown()));
        d.nextLook()
                .ifPresent(n -> line.append(", next ")
                        .append(n.sign().id())
                        .append(' ')
                        .append(Stands.figure(n.bits()))
                        .append(" for ")
                        .append(n.ifSeen().id()));
        d.named().ifPresent(n -> line.append(", named ").append(n.cause().id()));
        d.findings()
                .forEach(
                        f -> line.append(", ").append(f.rule().id()).append(' ').append(f.state()));
        return line.toString();
    }

    @Test
    void testWithOneSignTheSuspectsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (What what : What.values()) {
            TroubleAsk ask = TroubleAsk.of(what);
            lines.add(said(what + " nothing", ask));
            for (Sign s : table.signs()) {
                if (s.group().single()) {
                    lines.add(said(what + " " + s.id(), ask.withAnswer(s.group(), Optional.of(s.id()))));
                } else {
                    lines.add(said(what + " " + s.id() + " seen", ask.withLook(s.id(), Optional.of(true))));
                    lines.add(said(what + " " + s.id() + " not", ask.withLook(s.id(), Optional.of(false))));
                }
            }
        }
        Stands.as(getClass(), "signs.txt", lines);
        assertThat(lines)
                .hasSizeGreaterThan(What.values().length * table.signs().size());
    }
}
