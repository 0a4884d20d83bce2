package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import net.coobird.thumbnailator.Thumbnails;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The first page of a PDF (ISO 32000), drawn small. What comes in one may ask for any amount of memory and time: see {@link FirstPages}. */
public final class FirstPage {

    /** The longer side of the drawing, in pixels. */
    static final int SIDE = 640;

    private static final double QUALITY = 0.82;

    private FirstPage() {}

    /** Draws the document named first as the file named second. */
    public static void main(String[] args) throws IOException {
        draw(Path.of(args[0]), Path.of(args[1]));
    }

    /** Draws it as a JPEG; fails where the file is broken, locked by a password, or has no page. */
    public static void draw(Path pdf, Path to) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile(), IOUtils.createMemoryOnlyStreamCache())) {
            PDRectangle box = document.getPage(0).getCropBox();
            PDFRenderer renderer = new PDFRenderer(document);
            renderer.setSubsamplingAllowed(true);
            BufferedImage image =
                    renderer.renderImage(0, SIDE / Math.max(box.getWidth(), box.getHeight()), ImageType.RGB);
            Thumbnails.of(image)
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toFile(to.toFile());
        }
    }
}
