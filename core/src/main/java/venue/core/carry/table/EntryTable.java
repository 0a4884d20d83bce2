package venue.core.carry.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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

    private EntryTable() {}

    /** A row as it was read: its number in what was given (from 1, without the heading), and what is wrong with it. */
    public record Read(int number, String name, Map<String, Value> fields, List<String> troubles) {}

    /** What was given, as cells; the first row are the headings. */
    public static List<List<String>> cells(String given) {
        return Csv.read(given, MOST_ROWS);
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
        List<List<String>> rows = new ArrayList<>();
        List<String> headings = new ArrayList<>(List.of("Name"));
        kind.fields().forEach(f -> headings.add(f.label()));
        rows.add(headings);
        for (Entry entry : edition.entries(kind.id())) {
            List<String> cells = new ArrayList<>(List.of(entry.name()));
            kind.fields()
                    .forEach(
                            f -> cells.add(Cell.write(edition, f, entry.fields().get(f.key()))));
            rows.add(cells);
        }
        return Csv.write(rows);
    }
}
