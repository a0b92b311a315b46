package mellowflare.book.handover;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.job.Attachment;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.HandOver;
import mellowflare.core.job.Handed;
import org.apache.pdfbox.pdmodel.PDDocument;

/** How a job stands, for whoever takes it over: one page for most. */
public final class HandOverPdf {
    /** Longest side of a small picture (dots); on paper it is a third of the width. */
    private static final int SIDE = 480;

    private static final int PICTURES = 6;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);

    private HandOverPdf() {}

    /** The page without pictures of what is attached. */
    public static byte[] bytes(Evaluation e, ZonedDateTime now) throws IOException {
        return bytes(e, now, a -> Optional.empty());
    }

    /**
     * The page.
     *
     * @param now the moment, in the zone in which moments are written
     * @param where where an attached file lies; empty for one that is gone
     */
    public static byte[] bytes(Evaluation e, ZonedDateTime now, Function<Attachment, Optional<Path>> where)
            throws IOException {
        String title = Say.it("hand-over-pdf.title", "job", e.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page = new SheetPage(
                    document, e.job().title() + "  ·  " + MOMENT.format(now) + "  ·  " + Version.stamp(e.data()))) {
                write(page, title, e, now, where);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void write(
            SheetPage page, String title, Evaluation e, ZonedDateTime now, Function<Attachment, Optional<Path>> where)
            throws IOException {
        page.heading(title, 15);
        page.text(
                Say.it(
                        "hand-over-pdf.where",
                        "machine",
                        e.job().machine().isBlank() ? "none" : e.job().machine(),
                        "holder",
                        e.job().handing().holder().orElse("none")),
                10,
                0,
                false,
                0.37f);
        page.rule();
        page.drawing(e.plan().strip(), 26, 92);
        for (HandOver.Section s : HandOver.of(e, now.getZone()).sections()) {
            page.heading(s.title(), 11);
            for (HandOver.Item i : s.items()) {
                switch (i.weight()) {
                    case DANGER -> page.text(Say.it("hand-over-pdf.danger", "says", i.says()), 10, 10, true, 0.05f);
                    case OPEN -> page.text(Say.it("hand-over-pdf.open", "says", i.says()), 9.5f, 10, true, 0.13f);
                    case KNOWN -> page.text(i.says(), 9.5f, 10, false, 0.2f);
                }
            }
        }
        pictures(page, e, where);
        page.need(60);
        Optional<Handed> last = e.job().handing().last();
        page.blanks(List.of(
                new SheetPage.Blank(
                        Say.it("hand-over-pdf.from"), last.map(Handed::from).orElse("")),
                new SheetPage.Blank(
                        Say.it("hand-over-pdf.to"), last.map(Handed::to).orElse("")),
                new SheetPage.Blank(
                        Say.it("hand-over-pdf.at"),
                        last.map(h -> MOMENT.withZone(now.getZone()).format(h.at()))
                                .orElse(""))));
    }

    private static void pictures(SheetPage page, Evaluation e, Function<Attachment, Optional<Path>> where)
            throws IOException {
        List<SheetPage.Picture> all = new ArrayList<>();
        for (Attachment a : e.job().handing().attached()) {
            Optional<BufferedImage> small = where.apply(a).flatMap(f -> Thumbnail.of(f, SIDE));
            if (small.isPresent() && all.size() < PICTURES) {
                all.add(new SheetPage.Picture(small.get(), a.said().isEmpty() ? a.name() : a.said()));
            }
        }
        page.pictures(all);
    }
}
