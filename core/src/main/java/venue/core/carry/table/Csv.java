package venue.core.carry.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import venue.core.basics.fault.Refusal;

/**
 * Tables of words: comma-separated values (RFC 4180), or what a spreadsheet puts on the clipboard. A cell that a spreadsheet would
 * take for a formula gets one {@code '} before it, and reading takes one off.
 */
public final class Csv {

    private static final int LONGEST = 20_000_000;
    /** A number of any sign is no formula. */
    private static final String FORMULA = "(?s)(?![-+]?\\d+([.,]\\d+)?$)[=+\\-@'\\t\\r].*";

    private Csv() {}

    /**
     * What was given, as cells; the first row are the headings.
     *
     * @param mostRows how many rows may stand beneath them
     */
    public static List<List<String>> read(String given, int mostRows) {
        if (given.length() > LONGEST) {
            throw Refusal.badInput(
                    "too-long",
                    "text",
                    "This is " + given.length() + " characters; " + LONGEST + " are read.",
                    "Split it.");
        }
        String text = given.startsWith("\uFEFF") ? given.substring(1) : given;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get();
        try (StringReader in = new StringReader(text)) {
            List<List<String>> rows = new ArrayList<>();
            for (CSVRecord row : format.parse(in)) {
                rows.add(row.stream().map(Csv::plain).toList());
            }
            return held(rows, mostRows);
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw Refusal.badInput(
                    "bad-table",
                    "text",
                    "This can't be read as a table: a quotation mark is opened and not closed, or the like.",
                    "Save it as CSV anew, or paste it from a spreadsheet.");
        }
    }

    private static List<List<String>> held(List<List<String>> rows, int most) {
        if (rows.size() < 2 || rows.size() > most + 1) {
            throw Refusal.badInput(
                    "bad-count",
                    "text",
                    rows.size() < 2
                            ? "There is nothing to read: a row of headings and at least one row are needed."
                            : "These are " + (rows.size() - 1) + " rows; " + most + " are read at once.",
                    "Give 1 to " + most + " rows beneath their headings.");
        }
        return rows;
    }

    /** The sign that the first line has most of. */
    private static char delimiter(String text) {
        String line = text.lines().findFirst().orElse("");
        return Arrays.stream(new Character[] {'\t', ';', ','})
                .max(Comparator.comparingLong(
                        d -> line.chars().filter(c -> c == d).count()))
                .orElse(',');
    }

    /** @param rows the first of them are the headings */
    public static String write(List<? extends List<String>> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            for (List<String> row : rows) {
                csv.printRecord(row.stream().map(Csv::guarded).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    static String guarded(String cell) {
        return cell.matches(FORMULA) ? "'" + cell : cell;
    }

    static String plain(String cell) {
        return cell.startsWith("'") && cell.substring(1).matches(FORMULA) ? cell.substring(1) : cell;
    }
}
