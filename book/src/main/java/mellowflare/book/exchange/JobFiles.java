package mellowflare.book.exchange;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.json.JobJson;
import mellowflare.book.sheet.GaugeCardSheet;
import mellowflare.book.sheet.HandOverSheet;
import mellowflare.book.sheet.JobSheet;
import mellowflare.book.sheet.TagSheet;
import mellowflare.book.sheet.TemplateSheet;
import mellowflare.core.air.AirCase;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.hose.CutLength;
import mellowflare.core.hose.LineStrip;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.LineKind;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.TubeCut;
import mellowflare.core.tube.TubeParts;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.draw.TubeStrip;
import mellowflare.core.tube.form.Measured;

/** Writes jobs and sheets to files, whole or not at all, and reads jobs from files. */
public final class JobFiles {
    private static final long LARGEST = 4_000_000;
    /** How the picture of a tube is turned and looked down on (degrees). */
    private static final double TURN = 30;

    private static final double TILT = 24;

    private JobFiles() {}

    /** The export as text: the job, and a snapshot of results stamped with program and data version. */
    public static String exportText(Evaluation result) {
        ObjectNode tree = JobJson.tree(result.job());
        ObjectNode snapshot = tree.putObject("snapshot");
        snapshot.put("program", Version.PROGRAM);
        snapshot.put("data", result.data().version());
        snapshot.put("leftOff", result.leftOff());
        exact(result).ifPresent(c -> snapshot.put("cutLength", c.mm()));
        snapshot.put("stops", result.stops());
        return JobJson.writePretty(tree);
    }

    private static Optional<Length> exact(Evaluation result) {
        return result.tube().isPresent()
                ? result.tube().get().c().cut().map(TubeCut::exact)
                : result.job().isAir()
                        ? Optional.empty()
                        : result.plan().cut().filter(CutLength::possible).map(CutLength::exact);
    }

    /** Writes the job as JSON into a folder; gives the file. */
    public static Path export(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + ".json"), exportText(result).getBytes(StandardCharsets.UTF_8));
    }

    /** Writes the job sheet as PDF into a folder; gives the file. */
    public static Path sheet(Evaluation result, Path folder, ZoneId zone) throws BookTrouble {
        return write(folder.resolve(name(result.job()) + ".pdf"), sheetBytes(result, zone));
    }

    /** Writes the true-size gauge card as PDF into a folder; gives the file. */
    public static Path gaugeCard(ReferenceData data, Path folder) throws BookTrouble {
        try {
            return write(folder.resolve("gauge-card.pdf"), GaugeCardSheet.pdf(data, stamp(data)));
        } catch (IOException e) {
            throw new BookTrouble("The gauge card could not be made: " + e.getMessage(), e);
        }
    }

    private static String stamp(ReferenceData data) {
        return "Mellow Flare " + Version.PROGRAM + ", data " + data.version();
    }

    public static byte[] sheetBytes(Evaluation result, ZoneId zone) throws BookTrouble {
        try {
            return JobSheet.pdf(result, stamp(result.data()), zone);
        } catch (IOException e) {
            throw new BookTrouble("The sheet could not be made: " + e.getMessage(), e);
        }
    }

    /** Writes the tag as PDF into a folder; gives the file. */
    public static Path tag(Evaluation result, Path folder) throws BookTrouble {
        return write(folder.resolve(name(result.job()) + "-tag.pdf"), tagBytes(result));
    }

    public static byte[] tagBytes(Evaluation result) throws BookTrouble {
        try {
            return TagSheet.pdf(result);
        } catch (IOException e) {
            throw new BookTrouble("The tag could not be made: " + e.getMessage(), e);
        }
    }

    /** Writes the bending template at true size as PDF into a folder; gives the file. */
    public static Path template(Evaluation result, Path folder) throws BookTrouble {
        return write(folder.resolve(name(result.job()) + "-template.pdf"), templateBytes(result));
    }

    public static byte[] templateBytes(Evaluation result) throws BookTrouble {
        try {
            return TemplateSheet.pdf(result, stamp(result.data()));
        } catch (IOException e) {
            throw new BookTrouble("The template could not be made: " + e.getMessage(), e);
        }
    }

    /** Writes straights, rotations and bends as CSV into a folder; gives the file. */
    public static Path lra(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + "-lra.csv"), lraText(result).getBytes(StandardCharsets.UTF_8));
    }

    public static String lraText(Evaluation result) throws BookTrouble {
        return LraCsv.of(tube(result));
    }

    /** Writes the tube as DXF into a folder; gives the file. */
    public static Path dxf(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + ".dxf"), dxfText(result).getBytes(StandardCharsets.US_ASCII));
    }

    public static String dxfText(Evaluation result) throws BookTrouble {
        return result.air().isPresent() ? AirFiles.dxf(result.air().get().c()) : TubeDxf.of(tube(result));
    }

    private static TubeCase tube(Evaluation result) throws BookTrouble {
        return result.tube()
                .map(TubePlan::c)
                .orElseThrow(() -> new BookTrouble("Only a line of tube has straights and bends; this job is "
                        + result.job().kind().word() + "."));
    }

    /** Reads a table of straights and bends, or of points. */
    public static Measured readTubeTable(Path file) throws BookTrouble {
        return LraCsv.read(text(file, "table"));
    }

    /** The parts list as CSV. */
    public static String partsText(Evaluation result) throws BookTrouble {
        if (result.air().isPresent()) {
            return AirFiles.partsCsv(result.air().get().c());
        }
        return result.tube().isPresent()
                ? PartsCsv.of(TubeParts.of(result.tube().get().c()))
                : PartsCsv.of(result.plan());
    }

    /** Writes the hand-over sheet for a crimp shop as PDF into a folder; gives the file. */
    public static Path handOver(Evaluation result, Path folder) throws BookTrouble {
        return write(folder.resolve(name(result.job()) + "-hand-over.pdf"), handOverBytes(result));
    }

    public static byte[] handOverBytes(Evaluation result) throws BookTrouble {
        if (result.job().kind() != LineKind.HOSE) {
            throw new BookTrouble("A hand-over sheet is for a crimp shop; hand over "
                    + (result.job().isAir()
                            ? "an air main with its job sheet."
                            : "a tube with its job sheet and template."));
        }
        try {
            return HandOverSheet.pdf(result, stamp(result.data()));
        } catch (IOException e) {
            throw new BookTrouble("The hand-over sheet could not be made: " + e.getMessage(), e);
        }
    }

    /** Writes the parts list as CSV into a folder; gives the file. */
    public static Path parts(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + "-parts.csv"),
                partsText(result).getBytes(StandardCharsets.UTF_8));
    }

    /** Writes the drawing of the line, or of its way where that was measured, as SVG into a folder; gives the file. */
    public static Path drawing(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + ".svg"), drawingText(result).getBytes(StandardCharsets.UTF_8));
    }

    public static String drawingText(Evaluation result) {
        Optional<TubeCase> tube = result.tube().map(TubePlan::c);
        if (result.air().isPresent()) {
            AirPlan air = result.air().get();
            return DrawingSvg.of(
                    MainDrawing.page(air.c(), air.findings(), TURN, TILT, Optional.empty()),
                    result.job().title());
        }
        return DrawingSvg.of(
                tube.isPresent()
                        ? ShapeDrawing.page(tube.get(), TURN, TILT, Optional.empty())
                                .orElseGet(() -> TubeStrip.page(result.tube().get()))
                        : LineStrip.page(result.plan()),
                result.job().title());
    }

    private static AirCase air(Evaluation result) throws BookTrouble {
        return result.air()
                .map(AirPlan::c)
                .orElseThrow(() -> new BookTrouble("Only an air main has this; this job is "
                        + result.job().kind().word() + "."));
    }

    /** Writes the cut list of a main as CSV into a folder; gives the file. */
    public static Path cuts(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + "-cuts.csv"),
                cutsText(result).getBytes(StandardCharsets.UTF_8));
    }

    public static String cutsText(Evaluation result) throws BookTrouble {
        return AirFiles.cutsCsv(air(result));
    }

    /** Writes the network of a main as JSON into a folder; gives the file. */
    public static Path network(Evaluation result, Path folder) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + "-network.json"),
                networkText(result).getBytes(StandardCharsets.UTF_8));
    }

    public static String networkText(Evaluation result) throws BookTrouble {
        return AirFiles.networkJson(air(result));
    }

    /** Writes the drains of a main as a calendar into a folder; gives the file. */
    public static Path drains(Evaluation result, Path folder, LocalDate from) throws BookTrouble {
        return write(
                folder.resolve(name(result.job()) + "-drains.ics"),
                drainsText(result, from).getBytes(StandardCharsets.UTF_8));
    }

    public static String drainsText(Evaluation result, LocalDate from) throws BookTrouble {
        return AirFiles.drains(air(result), result.job().id(), result.job().title(), from);
    }

    /** Writes bytes to a file by way of a neighbour that is moved into place. */
    public static Path write(Path file, byte[] bytes) throws BookTrouble {
        Path neighbour = file.resolveSibling("." + file.getFileName() + "." + UUID.randomUUID() + ".part");
        try {
            if (file.toAbsolutePath().getParent() != null) {
                Files.createDirectories(file.toAbsolutePath().getParent());
            }
            Files.write(neighbour, bytes);
            try {
                Files.move(
                        neighbour,
                        file,
                        java.nio.file.StandardCopyOption.ATOMIC_MOVE,
                        java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            } catch (java.nio.file.AtomicMoveNotSupportedException e) {
                Files.move(neighbour, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            }
            return file;
        } catch (IOException e) {
            try {
                Files.deleteIfExists(neighbour);
            } catch (IOException left) {
                e.addSuppressed(left);
            }
            throw new BookTrouble(
                    "The file " + file + " cannot be written: the folder is missing, full or not yours to write.", e);
        }
    }

    /** Reads a job from a file; it gets an id of its own so that nothing in the book is overwritten. */
    public static Job read(Path file) throws BookTrouble {
        return JobJson.read(text(file, "job")).withId(UUID.randomUUID().toString());
    }

    private static String text(Path file, String what) throws BookTrouble {
        try {
            if (!Files.exists(file)) {
                throw new BookTrouble("There is no file " + file + ".");
            }
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
                throw new BookTrouble(
                        "The file " + file + " is no " + what + ": it is a folder or a device, or far too large.");
            }
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (MalformedInputException e) {
            throw new BookTrouble(
                    "The file " + file + " is no text: a " + what + " is a " + (what.equals("job") ? "JSON" : "CSV")
                            + " file.",
                    e);
        } catch (IOException e) {
            throw new BookTrouble("The file " + file + " cannot be read.", e);
        }
    }

    /** A text as part of a file's name: letters, figures and hyphens. */
    public static String fileName(String id) {
        String plain = id.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "job" : plain.substring(0, Math.min(60, plain.length()));
    }

    private static String name(Job job) {
        String plain = job.title()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = fileName(job.id());
        String tail = id.substring(0, Math.min(8, id.length()));
        return (plain.isEmpty() ? "job" : plain.substring(0, Math.min(40, plain.length()))) + "-" + tail;
    }
}
