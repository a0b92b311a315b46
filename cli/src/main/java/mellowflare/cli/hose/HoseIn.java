package mellowflare.cli.hose;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellowflare.cli.command.Shared;
import mellowflare.cli.command.Words;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Service;
import mellowflare.core.hose.line.Fitted;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Side;
import mellowflare.core.line.PortTried;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.lookalike.LookAlikes;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.size.DashSize;

/** From the fields of a record to a hose line with its parts looked up. */
final class HoseIn {
    private static final Map<String, HoseKind> KINDS = Words.of(HoseKind.values());

    /** How an end may be fixed here; a hose with its ends made on at the factory is bought whole. */
    private static final Map<String, Attach> ATTACHES =
            Words.of(Stream.of(Attach.values()).filter(a -> a != Attach.FACTORY).toArray(Attach[]::new));

    private final ReferenceData data;

    HoseIn(ReferenceData data) {
        this.data = data;
    }

    HoseCase read(Fields f, UnitSystem units) throws Refused {
        List<Fields> ends = f.objects("ends");
        if (ends.size() != 2) {
            throw f.wrong("ends", Say.it("hose-in.line-has-two-ends", "size", ends.size()));
        }
        Service service = Shared.service(f.object("service"), data);
        Optional<Angle> clocking = f.angle("clocking", 0, 360);
        Optional<Length> laidOut = f.length("laidOutLength");
        if (laidOut.isPresent() && f.has("finishedLength")) {
            throw f.wrong("laidOutLength", Say.it("hose-in.length-follows-from-bare"));
        }
        HoseLine line = HoseLine.NEW
                .withFinished(finished(f, units))
                .withBendRadius(f.length("bendRadius"))
                .withClocking(clocking)
                .withLaidOut(laidOut);
        Side a = side(LineEnd.A, ends.get(0));
        Side b = side(LineEnd.B, ends.get(1));
        Setting setting = new Setting(Ports.UNKNOWN, service, practice(f, laidOut), units, MakeLog.EMPTY, data);
        HoseCase c = new HoseCase(line, setting, a, b, hose(f), setting.fluid(), Optional.empty());
        return laidOut.flatMap(c::overallOf)
                .map(l -> c.withFinished(CalledFigure.unsigned(l, LengthFormat.figure(l, units))))
                .orElse(c);
    }

    private Practice practice(Fields f, Optional<Length> laidOut) throws Refused {
        Practice said = Shared.practice(f.object("practice"), data);
        return laidOut.isPresent() ? said.with(MethodTopic.HOSE_LENGTH, "laid-out") : said;
    }

    private Optional<CalledFigure> finished(Fields f, UnitSystem units) throws Refused {
        Optional<Length> finished = f.length("finishedLength");
        Optional<Length> second = f.length("secondReading");
        return finished.map(
                l -> CalledFigure.unsigned(l, LengthFormat.figure(l, units)).withSecond(second, ""));
    }

    private Side side(LineEnd which, Fields f) throws Refused {
        HoseEndPart part = f.has("part") ? catalogued(f) : offCatalogue(f);
        Fields given = f.object("port");
        EndId port = f.has("port") ? Shared.endId(given) : part.end().mate();
        given.nothingElse();
        String place = f.text("place").orElse(Say.it("hose-in.end", "which", which));
        List<String> adapters = f.texts("adapters");
        Optional<Metal> metal = f.word("metal", Words.of(Metal.values()));
        PortTried tried = new PortTried(
                f.has("homeByHand") ? Optional.of(f.flag("homeByHand")) : Optional.empty(),
                f.has("ringShows") ? Optional.of(f.flag("ringShows")) : Optional.empty(),
                f.length("mouth"));
        f.nothingElse();
        End end = data.get(EndTable.KEY)
                .find(port)
                .orElseThrow(() -> f.wrong("port", Say.it("hose-in.tables-hold-no", "port", port.text())));
        for (String number : adapters) {
            if (data.get(AdapterTable.KEY).find(number).isEmpty()) {
                throw f.wrong("adapters", Say.it("hose-in.catalogue-holds-no-adapter", "number", number));
            }
        }
        return new Side(
                which,
                place,
                Optional.of(end),
                Optional.empty(),
                data.get(LookAlikes.KEY).of(port),
                Optional.of(part),
                data.get(EndTable.KEY).find(part.end()),
                Fitted.chain(Optional.of(end), adapters, data),
                metal,
                tried);
    }

    private HoseEndPart catalogued(Fields f) throws Refused {
        String number = f.needText("part");
        return data.get(Catalogue.KEY)
                .hoseEnd(number)
                .orElseThrow(() -> f.wrong("part", Say.it("hose-in.catalogue-holds-no-hose", "number", number)));
    }

    private HoseEndPart offCatalogue(Fields f) throws Refused {
        EndId id = Shared.endId(f);
        End end = data.get(EndTable.KEY)
                .find(id)
                .orElseThrow(() -> f.wrong("size", Say.it("hose-in.tables-hold-no-2", "id", id.text())));
        Seat seat = f.word("seat", Words.SEATS).orElse(end.usualSeat());
        if (!end.seats().contains(seat)) {
            throw f.wrong("seat", Say.it("hose-in.has-no", "id", id.text(), "seat", seat.words()));
        }
        Length cutOff = cutOff(f);
        boolean swivel = f.has("swivel") ? f.flag("swivel") : id.gender() == Gender.FEMALE;
        return HoseEndPart.offCatalogue(
                        id,
                        seat,
                        swivel,
                        f.angle("angle", 0, 120).orElse(Angle.ofDegrees(0)),
                        cutOff,
                        f.pressure("rating"))
                .fixed(f.word("attach", ATTACHES), f.length("insertion"), f.length("gap"));
    }

    /** As given, or by what is measured on an end of one's own: overall length less the depth of its pocket to the stop. */
    private static Length cutOff(Fields f) throws Refused {
        Optional<Length> given = f.lengthOrZero("cutOff");
        Optional<Length> overall = f.length("endLength");
        Optional<Length> depth = f.length("pocketDepth");
        if (given.isPresent()) {
            return given.get();
        }
        if (overall.isEmpty() || depth.isEmpty()) {
            throw f.missing(overall.isPresent() ? "pocketDepth" : depth.isPresent() ? "endLength" : "cutOff");
        }
        if (depth.get().compareTo(overall.get()) > 0) {
            throw f.wrong("pocketDepth", Say.it("hose-in.pocket-cannot-be-deeper"));
        }
        return overall.get().minus(depth.get());
    }

    private Optional<HosePart> hose(Fields f) throws Refused {
        if (!f.has("hose")) {
            return Optional.empty();
        }
        Catalogue catalogue = data.get(Catalogue.KEY);
        if (f.isText("hose")) {
            String number = f.needText("hose");
            return Optional.of(catalogue
                    .hose(number)
                    .orElseThrow(() -> f.wrong("hose", Say.it("hose-in.catalogue-holds-no-hose-2", "number", number))));
        }
        Fields given = f.object("hose");
        HoseKind kind = given.needWord("kind", KINDS);
        String text = given.needTextOrWhole("dash");
        given.nothingElse();
        return Optional.of(DashSize.read(text)
                .flatMap(d -> catalogue.hose(kind, d))
                .orElseThrow(() -> f.wrong(
                        "hose", Say.it("hose-in.catalogue-holds-no-hose-3", "kind", kind.word(), "text", text))));
    }
}
