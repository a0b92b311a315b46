package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.reference.Source;
import mellowflare.core.sealing.GoTogether;

/** Hose end and port must be of one family and size, opposite gender, and seal in one place. */
final class Mates implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "joint.mates",
            Severity.STOP,
            "{part} does not seal on the port: it has {offers}, the port is {port}.",
            "{part} mates with {port} and seals on the {seat}.",
            "{offers} against {port}",
            "Use a hose end that mates with {port}.",
            Source.of("the end tables"));

    @Override
    public List<Finding> check(HoseCase c) {
        List<Finding> all = new ArrayList<>();
        for (Side s : c.sides()) {
            all.add(check(s));
            s.joint()
                    .ifPresent(j -> all.addAll(GoTogether.check(
                            s.offered().orElseThrow(),
                            s.presented().orElseThrow(),
                            s.which().joint())));
        }
        return all;
    }

    private static Finding check(Side s) {
        Subject about = s.which().joint();
        if (s.mates().isEmpty()) {
            return s.port().isEmpty()
                    ? Finding.notChecked(TEXT, about, Needs.port(s.which().end()))
                    : Finding.notChecked(TEXT, about, HoseNeeds.end(s.which()));
        }
        HoseEndPart part = s.part().orElseThrow();
        return Finding.of(
                s.mates().get(),
                TEXT,
                about,
                Map.of(
                        "part", Figure.of(part.part()),
                        "offers",
                                Figure.of(Say.it(
                                        "mates.with",
                                        "end",
                                        part.end().text(),
                                        "seat",
                                        part.seat().words())),
                        "seat", Figure.of(part.seat().sealPlace().words()),
                        "port", Figure.of(s.presented().orElseThrow().id().text())));
    }
}
