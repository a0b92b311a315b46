package mellowflare.book.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.identify.FlankSeen;
import mellowflare.core.identify.HandSeen;
import mellowflare.core.identify.Observation;
import mellowflare.core.identify.RingSeen;
import mellowflare.core.identify.SecondDiameter;
import mellowflare.core.identify.SwivelSeen;
import mellowflare.core.identify.TaperSeen;
import mellowflare.core.line.Port;
import mellowflare.core.line.PortTried;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.PitchReading;

/** A port and what was seen of it, to and from a tree. */
public final class PortJson {
    private PortJson() {}

    public static ObjectNode write(Port port) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("place", port.place());
        port.seen().ifPresent(s -> n.set("seen", seen(s)));
        n.set("typed", Texts.write(port.typed()));
        port.end().ifPresent(p -> n.set("end", endId(p)));
        port.certainty().ifPresent(c -> n.put("certainty", c));
        port.metal().ifPresent(m -> n.put("metal", Words.of(m)));
        port.tried().homeByHand().ifPresent(h -> n.put("homeByHand", h));
        port.tried().ringShows().ifPresent(r -> n.put("ringShows", r));
        port.tried().mouth().ifPresent(m -> n.put("mouth", m.mm()));
        return n;
    }

    private static ObjectNode endId(EndId id) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("code", id.code().name());
        n.put("size", id.size());
        n.put("gender", id.gender().id());
        return n;
    }

    private static ObjectNode seen(Observation s) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("gender", s.gender().id());
        s.diameter().ifPresent(d -> n.put("diameter", d.mm()));
        n.put("instrument", Words.of(s.instrument()));
        s.pitch().ifPresent(p -> n.put("pitch", p.marking() + (p.perInch() ? " tpi" : " mm")));
        s.counted().ifPresent(c -> n.put("counted", c));
        s.body().ifPresent(b -> n.put("body", Words.of(b)));
        s.hand().ifPresent(h -> n.put("hand", Words.of(h)));
        s.second().ifPresent(d -> n.set("second", second(d)));
        s.swivel().ifPresent(w -> n.put("swivel", Words.of(w)));
        s.hex().ifPresent(h -> n.put("hex", h.mm()));
        s.tube().ifPresent(t -> n.put("tube", t.mm()));
        s.region().ifPresent(r -> n.put("region", r));
        s.machine().ifPresent(m -> n.put("machine", m));
        s.flank().ifPresent(f -> n.put("flank", Words.of(f)));
        s.taper().ifPresent(t -> n.put("taper", Words.of(t)));
        s.seat().ifPresent(x -> n.put("seat", x.code()));
        s.seatAngle().ifPresent(a -> n.put("seatAngle", a.degrees()));
        s.ring().ifPresent(r -> n.put("oring", Words.of(r)));
        n.put("worn", s.worn());
        s.service().ifPresent(x -> n.put("service", x));
        return n;
    }

    private static ObjectNode second(SecondDiameter d) {
        ObjectNode n = JsonNodeFactory.instance.objectNode();
        n.put("diameter", d.diameter().mm());
        n.put("apart", d.apart().mm());
        return n;
    }

    public static Port read(Fields f) throws BookTrouble {
        return new Port(
                f.textOr("place", ""),
                f.has("seen") ? Optional.of(seen(f.object("seen"))) : Optional.empty(),
                f.texts("typed"),
                f.has("end") ? Optional.of(endId(f.object("end"))) : Optional.empty(),
                f.maybeNumber("certainty"),
                f.maybeWord("metal", Metal.class),
                new PortTried(
                        f.has("homeByHand") ? Optional.of(f.flag("homeByHand")) : Optional.empty(),
                        f.has("ringShows") ? Optional.of(f.flag("ringShows")) : Optional.empty(),
                        f.maybeNumber("mouth").map(Length::ofMm)));
    }

    private static EndId endId(Fields f) throws BookTrouble {
        return new EndId(f.word("code", EndCode.class), f.text("size"), f.word("gender", Gender.class));
    }

    private static Observation seen(Fields f) throws BookTrouble {
        Optional<Pitch> pitch =
                f.maybeText("pitch").flatMap(t -> Pitch.readWithUnit(t).value());
        if (f.has("pitch") && pitch.isEmpty()) {
            throw f.wrong("pitch", Say.it("port-json.no-pitch-such-as"));
        }
        Optional<Seat> seat = f.maybeText("seat").flatMap(Seat::ofCode);
        if (f.has("seat") && seat.isEmpty()) {
            throw f.wrong("seat", Say.it("port-json.none-known-seats"));
        }
        Optional<Integer> counted =
                f.maybeNumber("counted").map(Double::intValue).filter(c -> c > 0);
        return Observation.of(f.word("gender", Gender.class))
                .withBody(f.maybeWord("body", Body.class))
                .withDiameter(f.maybeNumber("diameter").map(Length::ofMm))
                .withInstrument(f.has("instrument") ? f.word("instrument", Instrument.class) : Instrument.CALIPER)
                .withPitchReading(pitch.map(p -> new PitchReading(p, counted)))
                .withFlank(f.maybeWord("flank", FlankSeen.class))
                .withHand(f.maybeWord("hand", HandSeen.class))
                .withTaper(f.maybeWord("taper", TaperSeen.class))
                .withSecond(f.has("second") ? Optional.of(second(f.object("second"))) : Optional.empty())
                .withSeat(seat)
                .withSeatAngle(f.maybeNumber("seatAngle").map(Angle::ofDegrees))
                .withRing(f.maybeWord("oring", RingSeen.class))
                .withSwivel(f.maybeWord("swivel", SwivelSeen.class))
                .withHex(f.maybeNumber("hex").map(Length::ofMm))
                .withTube(f.maybeNumber("tube").map(Length::ofMm))
                .withWorn(f.flag("worn"))
                .withService(f.maybeText("service"))
                .withRegion(f.maybeText("region"))
                .withMachine(f.maybeText("machine"));
    }

    private static SecondDiameter second(Fields f) throws BookTrouble {
        return new SecondDiameter(Length.ofMm(f.number("diameter")), Length.ofMm(f.number("apart")));
    }
}
