package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.fluid.Ambient.Moves;
import mellowflare.core.fluid.Ambient.Opener;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.reference.Source;

/** What vibration, movement and whoever opens the joint next ask of it. */
final class Ambient implements Rule<HoseCase> {
    private static final RuleText SHAKES = new RuleText(
            "line.vibration",
            Severity.WARN,
            "{part} is {attach} and the line vibrates: it will work loose.",
            "End {which} can take the vibration.",
            "{attach} under vibration",
            "Use a crimped or screw-together end, and clamp the hose close behind it.",
            Source.of("SAE J1273; trade practice"));
    private static final RuleText SWINGS = new RuleText(
            "line.movement",
            Severity.WARN,
            "One end moves, and how far is not measured: the length is right for one position only.",
            "The movement of the end is measured with the route.",
            "one end moves",
            "Enter the positions of the moving end under Route; the length follows the worst one.",
            Source.of("SAE J1273"));
    private static final RuleText TAPER = new RuleText(
            "joint.opened-taper",
            Severity.WARN,
            "End {which} will be opened ({opener}), but its joint seals on a taper thread.",
            "End {which} can be opened ({opener}) and closed again.",
            "a taper thread needs new sealant every time",
            "Seal the taper once in the shop, and put a flare, union or ring joint where the line is opened.",
            Source.house("who opens the joint next"));
    private static final RuleText RING = new RuleText(
            "joint.opened-ring",
            Severity.NOTE,
            "End {which} will be opened ({opener}), and its joint seals with a ring.",
            "End {which} has no ring to renew.",
            "{school}",
            "Tie a spare ring to the line in a bag, with its size on the tag.",
            Source.house("schools on joints that are opened often"));

    @Override
    public List<Finding> check(HoseCase c) {
        List<Finding> all = new ArrayList<>();
        c.service()
                .ambient()
                .moves()
                .ifPresentOrElse(
                        m -> moves(c, m, all), () -> all.add(Finding.notChecked(SHAKES, Subject.LINE, Needs.MOVES)));
        c.service()
                .ambient()
                .opener()
                .ifPresentOrElse(
                        o -> opened(c, o, all), () -> all.add(Finding.notChecked(TAPER, Subject.LINE, Needs.OPENER)));
        return all;
    }

    private static void moves(HoseCase c, Moves moves, List<Finding> all) {
        if (moves == Moves.SWINGS) {
            boolean measured =
                    c.route().filter(r -> !r.task().motion().isEmpty()).isPresent();
            all.add(Finding.of(measured, SWINGS, Subject.LENGTH, Map.of()));
        }
        for (Side s : c.sides()) {
            Optional<Attach> attach = s.part().flatMap(HoseEndPart::attach);
            if (attach.isPresent()) {
                boolean loose = attach.get() == Attach.BARB_CLAMP || attach.get() == Attach.PUSH_CONNECT;
                all.add(Finding.of(
                        moves == Moves.STILL || !loose,
                        SHAKES,
                        s.which().hoseEnd(),
                        Map.of(
                                "which", Figure.of(s.which().name()),
                                "part", Figure.of(s.part().get().part()),
                                "attach", Figure.of(attach.get().word()))));
            }
        }
    }

    private static void opened(HoseCase c, Opener opener, List<Finding> all) {
        boolean often = opener == Opener.FIELD || opener == Opener.OWNER;
        for (Side s : c.sides()) {
            if (s.seat().isEmpty() || s.presented().isEmpty()) {
                continue;
            }
            SealPlace place = s.seat().get().sealPlace();
            Map<String, Figure> figures = Map.of(
                    "which", Figure.of(s.which().name()),
                    "opener", Figure.of(opener.word()),
                    "school",
                            Figure.of(c.data()
                                    .get(Methods.KEY)
                                    .chosen(MethodTopic.REOPENED_JOINT, c.practice())
                                    .reason()));
            all.add(Finding.of(
                    !(often && place == SealPlace.THREAD_FLANKS),
                    TAPER,
                    s.which().joint(),
                    figures));
            boolean ring = place == SealPlace.RING_IN_HOUSING
                    || place == SealPlace.RING_IN_FACE
                    || place == SealPlace.RING_ON_PILOT;
            if (often && ring) {
                all.add(Finding.fail(RING, s.which().joint(), figures));
            }
        }
    }
}
