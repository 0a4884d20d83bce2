package venue.demo;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The demo's guides to take outside: leaflets of one page, set by this program as PDF 1.4. */
public final class DemoGuides {

    /** The folder in which all of them are kept. */
    static final String FOLDER = "Guides";

    private static final int HIGH = 842;
    private static final int MARGIN = 72;
    private static final int LEADING = 22;

    /**
     * A guide.
     *
     * @param within the folder within that of all guides; empty for that itself
     * @param days how many days ago it was made
     * @param before its lines as they were a year before; empty where it is as it was
     */
    public record Guide(String id, String name, String within, int days, List<String> lines, List<String> before) {

        /** Its file. */
        public byte[] bytes() {
            return pdf(name, lines);
        }

        /** What it was before, if it was anything else. */
        public Optional<byte[]> earlier() {
            return before.isEmpty() ? Optional.empty() : Optional.of(pdf(name, before));
        }

        /** The folder in which it is kept. */
        public String folder() {
            return within.isEmpty() ? FOLDER : FOLDER + "/" + within;
        }
    }

    private DemoGuides() {}

    public static List<Guide> all() {
        return Stream.concat(leaflets().stream(), others().stream()).toList();
    }

    private static List<Guide> leaflets() {
        return List.of(
                new Guide(
                        "guide-autumn",
                        "Autumn sky at a glance",
                        "",
                        33,
                        List.of(
                                "Begin at the Square of Pegasus, high in the south at nine.",
                                "Two hops to the left of it lies the Andromeda galaxy.",
                                "Below it, low and yellow, stands Saturn.",
                                "By eleven the Pleiades have cleared the hill."),
                        List.of()),
                new Guide(
                        "guide-moon",
                        "A walk along the shadow of the moon",
                        "",
                        210,
                        List.of(
                                "Go out when it is half lit: the craters stand out along the edge of night.",
                                "Tycho throws rays as far as you can follow them.",
                                "Copernicus has steps inside, like a theatre.",
                                "Draw what you see. The drawing is the best eyepiece."),
                        List.of()),
                new Guide(
                        "guide-borrowing",
                        "Borrowing a telescope",
                        "",
                        12,
                        List.of(
                                "Members may keep one for a month.",
                                "Carry the base first, then the tube, then the box of eyepieces.",
                                "Let it cool for half an hour before you look.",
                                "Bring it back with a line for the night book."),
                        List.of(
                                "Members may keep one for a fortnight.",
                                "Carry the base first, then the tube.",
                                "Bring it back clean.")));
    }

    private static List<Guide> others() {
        return List.of(
                new Guide(
                        "guide-wheel",
                        "The star wheel, and how to turn it",
                        "For schools",
                        75,
                        List.of(
                                "Cut along the line, not the dots.",
                                "Turn it until today meets the hour.",
                                "Hold it over your head: what you see is what there is."),
                        List.of()),
                new Guide(
                        "guide-questions",
                        "Forty questions children ask",
                        "For schools",
                        140,
                        List.of("Is it cold up there?", "Who put the stars out?", "Can you see the sea from here?"),
                        List.of()),
                new Guide(
                        "guide-book",
                        "The night book, in brief",
                        "Night books/This year",
                        20,
                        List.of("Clear nights: fifty-one.", "Visitors: two thousand and six.", "Owls: one, often."),
                        List.of()),
                new Guide(
                        "guide-book-before",
                        "The night book, in brief, a year before",
                        "Night books/Before",
                        385,
                        List.of("Clear nights: forty-four.", "Visitors: one thousand nine hundred.", "Owls: two."),
                        List.of()));
    }

    private static byte[] pdf(String title, List<String> lines) {
        StringBuilder text = new StringBuilder("BT /F1 26 Tf 0 g " + MARGIN + " " + (HIGH - 2 * MARGIN) + " Td ");
        text.append(shown(title)).append(" /F2 12 Tf 0 ").append(-2 * LEADING).append(" Td ");
        lines.forEach(l -> text.append(shown(l)).append(" 0 ").append(-LEADING).append(" Td "));
        text.append("/F2 9 Tf 0 ").append(-LEADING).append(" Td ").append(shown("Kestrel Moor Observatory"));
        text.append(" ET");
        return file(List.of(
                "<< /Type /Catalog /Pages 2 0 R >>",
                "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
                "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 " + HIGH
                        + "] /Resources << /Font << /F1 5 0 R /F2 6 0 R >> >> /Contents 4 0 R >>",
                "<< /Length " + text.length() + " >>\nstream\n" + text + "\nendstream",
                "<< /Type /Font /Subtype /Type1 /BaseFont /Times-Bold >>",
                "<< /Type /Font /Subtype /Type1 /BaseFont /Times-Roman >>"));
    }

    private static String shown(String words) {
        return "(" + words.replace("(", "\\(").replace(")", "\\)") + ") Tj";
    }

    private static byte[] file(List<String> objects) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<Integer> at = new ArrayList<>();
        write(out, "%PDF-1.4\n");
        for (int i = 0; i < objects.size(); i++) {
            at.add(out.size());
            write(out, (i + 1) + " 0 obj\n" + objects.get(i) + "\nendobj\n");
        }
        int table = out.size();
        write(out, "xref\n0 " + (objects.size() + 1) + "\n0000000000 65535 f \n");
        at.forEach(from -> write(out, String.format(Locale.ROOT, "%010d 00000 n \n", from)));
        write(out, "trailer\n<< /Size " + (objects.size() + 1) + " /Root 1 0 R >>\nstartxref\n" + table + "\n%%EOF\n");
        return out.toByteArray();
    }

    private static void write(ByteArrayOutputStream out, String words) {
        out.writeBytes(words.getBytes(StandardCharsets.ISO_8859_1));
    }
}
