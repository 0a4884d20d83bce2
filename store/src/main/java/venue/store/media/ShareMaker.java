package venue.store.media;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.font.LineBreakMeasurer;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.DataFormatException;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import venue.core.basics.text.Words;
import venue.core.show.render.ShareCard;

/** Draws the picture of a page that has none of its own, for those who share it. */
public final class ShareMaker {

    private static final Logger LOG = LoggerFactory.getLogger(ShareMaker.class);
    private static final String FONTS = "/venue/share/";
    private static final String USUAL = "literata";
    private static final int MARGIN = 84;
    private static final int RULE = 12;
    private static final int[] SIZES = {92, 76, 62, 50};
    private static final int NAME_SIZE = 34;
    private static final int SHADES = 63;
    private static final int MOST_LINES = 4;
    private static final int LONGEST = 160;
    private static final double LEADING = 1.14;

    private final Map<String, List<Font>> known = new ConcurrentHashMap<>();

    /** As PNG. Where this machine has nothing to write with, the colours alone. */
    public byte[] png(ShareCard card) {
        BufferedImage image =
                new BufferedImage(ShareCard.WIDE, ShareCard.HIGH, BufferedImage.TYPE_BYTE_INDEXED, colours(card));
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.decode(card.ground()));
        pen.fillRect(0, 0, ShareCard.WIDE, ShareCard.HIGH);
        pen.setColor(Color.decode(card.accent()));
        pen.fillRect(0, ShareCard.HIGH - RULE, ShareCard.WIDE, RULE);
        pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        pen.setColor(Color.decode(card.ink()));
        try {
            words(card, pen);
        } catch (RuntimeException | InternalError e) {
            // A Java without any font configuration can't write.
            LOG.warn("Shared pictures have no words on this machine: {}", e.toString());
        }
        pen.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Its three colours, and what lies between ground and ink at the edges of letters: a third of the bytes, and of the time, of all colours. */
    private static IndexColorModel colours(ShareCard card) {
        int ground = Integer.parseInt(card.ground().substring(1), 16);
        int ink = Integer.parseInt(card.ink().substring(1), 16);
        int[] all = new int[SHADES + 1];
        for (int i = 0; i < SHADES; i++) {
            double share = (double) i / (SHADES - 1);
            for (int shift = 0; shift < 24; shift += 8) {
                int from = ground >> shift & 0xFF;
                int to = ink >> shift & 0xFF;
                all[i] |= (int) Math.round(from + (to - from) * share) << shift;
            }
        }
        all[SHADES] = Integer.parseInt(card.accent().substring(1), 16);
        return new IndexColorModel(8, all.length, all, 0, false, -1, DataBuffer.TYPE_BYTE);
    }

    private void words(ShareCard card, Graphics2D pen) {
        List<Font> fonts = known.computeIfAbsent(card.family(), ShareMaker::fonts);
        List<TextLayout> name = lines(card.site(), fonts, NAME_SIZE, pen.getFontRenderContext());
        line(name.get(0), MARGIN + NAME_SIZE, pen);
        List<TextLayout> title = List.of();
        double size = 0;
        for (int each : SIZES) {
            size = each;
            title = lines(Words.shorten(card.title(), LONGEST), fonts, each, pen.getFontRenderContext());
            if (title.size() < MOST_LINES) {
                break;
            }
        }
        title = title.subList(0, Math.min(MOST_LINES, title.size()));
        double y = ShareCard.HIGH - MARGIN - (title.size() - 1) * size * LEADING;
        for (TextLayout each : title) {
            line(each, y, pen);
            y += size * LEADING;
        }
    }

    /** What reads from the right stands there. */
    private static void line(TextLayout layout, double y, Graphics2D pen) {
        double x = layout.isLeftToRight() ? MARGIN : ShareCard.WIDE - MARGIN - layout.getAdvance();
        layout.draw(pen, (float) x, (float) y);
    }

    private static List<TextLayout> lines(String words, List<Font> fonts, int size, FontRenderContext context) {
        String text = words.isBlank() ? " " : words;
        AttributedString said = new AttributedString(text);
        for (int at = 0; at < text.length(); at += Character.charCount(text.codePointAt(at))) {
            int letter = text.codePointAt(at);
            Font font = fonts.stream()
                    .filter(f -> f.canDisplay(letter))
                    .findFirst()
                    .orElseGet(() -> new Font(Font.SANS_SERIF, Font.BOLD, 1));
            said.addAttribute(TextAttribute.FONT, font.deriveFont((float) size), at, at + Character.charCount(letter));
        }
        LineBreakMeasurer measurer = new LineBreakMeasurer(said.getIterator(), context);
        List<TextLayout> lines = new ArrayList<>();
        while (measurer.getPosition() < text.length()) {
            lines.add(measurer.nextLayout(ShareCard.WIDE - 2 * MARGIN));
        }
        return lines;
    }

    /** The family's letters, and those of the usual one where it has none. */
    private static List<Font> fonts(String family) {
        List<Font> fonts = new ArrayList<>();
        for (String name : List.of(family, USUAL)) {
            for (String subset : List.of("latin", "latin-ext")) {
                if (name.matches("[a-z0-9-]+")) {
                    add(FONTS + name + "-" + subset + ".woff", fonts);
                }
            }
        }
        return List.copyOf(fonts);
    }

    private static void add(String path, List<Font> fonts) {
        try (InputStream in = ShareMaker.class.getResourceAsStream(path)) {
            if (in != null) {
                byte[] sfnt = Woff.sfnt(in.readAllBytes());
                fonts.add(Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(sfnt)));
            }
        } catch (IOException | FontFormatException | DataFormatException e) {
            throw new IllegalStateException(path, e);
        }
    }
}
