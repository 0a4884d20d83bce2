package venue.core.carry.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;

/** Entries as a table of words: comma-separated values (RFC 4180), or what a spreadsheet puts on the clipboard. */
public final class EntryTable {

    /** The column of the entries' names. */
    public static final String NAME = "name";

    private static final int MOST_ROWS = 5_000;
    private static final int LONGEST = 5_000_000;

    private EntryTable() {}

    /** A row as it was read: its number in what was given (from 1, without the heading), and what is wrong with it. */
    public record Read(int number, String name, Map<String, Value> fields, List<String> troubles) {}

    /** What was given, as cells; the first row are the headings. */
    public static List<List<String>> cells(String given) {
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
                rows.add(row.toList());
            }
            return held(rows);
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw Refusal.badInput(
                    "bad-table",
                    "text",
                    "This can't be read as a table: a quotation mark is opened and not closed, or the like.",
                    "Save it as CSV anew, or paste it from a spreadsheet.");
        }
    }

    /** What the columns under these headings are taken for, one of them for the names. */
    public static List<String> columns(Kind kind, List<String> headings) {
        List<String> columns = new ArrayList<>();
        for (String heading : headings) {
            String words = heading.strip();
            columns.add(
                    words.equalsIgnoreCase("name") || words.equalsIgnoreCase("title")
                            ? NAME
                            : kind.fields().stream()
                                    .filter(f -> f.label().equalsIgnoreCase(words)
                                            || f.key().equalsIgnoreCase(words))
                                    .map(f -> f.key())
                                    .findFirst()
                                    .orElse(""));
        }
        int free = columns.indexOf("");
        if (!columns.contains(NAME) && free >= 0) {
            columns.set(free, NAME);
        }
        return columns;
    }

    private static List<List<String>> held(List<List<String>> rows) {
        if (rows.size() < 2 || rows.size() > MOST_ROWS + 1) {
            throw Refusal.badInput(
                    "bad-count",
                    "text",
                    rows.size() < 2
                            ? "There is nothing to read: a row of headings and at least one row are needed."
                            : "These are " + (rows.size() - 1) + " rows; " + MOST_ROWS + " are read at once.",
                    "Give 1 to " + MOST_ROWS + " rows beneath their headings.");
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

    /**
     * The rows as entries of a kind.
     *
     * @param columns for each column the key of its field, {@link #NAME}, or an empty word where it is left out
     */
    public static List<Read> read(Edition edition, Kind kind, List<List<String>> rows, List<String> columns) {
        List<Read> read = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            read.add(row(edition, kind, i, rows.get(i), columns));
        }
        return read;
    }

    private static Read row(Edition edition, Kind kind, int number, List<String> cells, List<String> columns) {
        Map<String, Value> fields = new TreeMap<>();
        List<String> troubles = new ArrayList<>();
        String name = "";
        for (int c = 0; c < Math.min(cells.size(), columns.size()); c++) {
            String column = columns.get(c);
            try {
                if (column.equals(NAME) && !cells.get(c).isBlank()) {
                    name = Page.checkTitle(cells.get(c));
                } else if (!column.isEmpty() && !column.equals(NAME)) {
                    Property field = kind.field(column).orElseThrow(() -> Refusal.unknown("field", column));
                    Cell.read(edition, field, cells.get(c)).ifPresent(v -> fields.put(column, v));
                }
            } catch (Refusal refused) {
                troubles.add(refused.getMessage());
            }
        }
        if (name.isEmpty() && troubles.isEmpty()) {
            troubles.add("It has no name.");
        }
        return new Read(number, name, fields, troubles);
    }

    /** The entries of a kind as CSV, headings first. */
    public static String csv(Edition edition, Kind kind) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            List<String> headings = new ArrayList<>(List.of("Name"));
            kind.fields().forEach(f -> headings.add(f.label()));
            csv.printRecord(headings);
            for (Entry entry : edition.entries(kind.id())) {
                List<String> cells = new ArrayList<>(List.of(entry.name()));
                kind.fields()
                        .forEach(f ->
                                cells.add(Cell.write(edition, f, entry.fields().get(f.key()))));
                csv.printRecord(cells);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
