package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** A table, kept as comma-separated values (RFC 4180); tabs, as spreadsheets paste them, do as well. */
final class TableElement extends DeclaredKind {

    private static final int MOST_LETTERS = 40_000;

    TableElement() {
        super(
                "table",
                "Table",
                "Rows and columns; paste them from a spreadsheet",
                of("cells", "Cells", PropertyType.LINES)
                        .longest(MOST_LETTERS)
                        .help("One row on each line, cells apart by commas or tabs."),
                of("caption", "Caption", PropertyType.WORDS),
                of("headRow", "First row names the columns", PropertyType.YES_NO)
                        .fallback(Value.of(true)),
                of("headColumn", "First column names the rows", PropertyType.YES_NO)
                        .fallback(Value.of(false)));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ANSWERS;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("cells");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        if (props.isToFill("cells")) {
            out.start("p");
            props.write("cells", out);
            out.end();
            return;
        }
        out.start("div", "table").attr("tabindex", 0).attr("role", "group");
        out.attr(
                "aria-label",
                props.has("caption")
                        ? props.text("caption")
                        : props.scene().words().say(Phrase.TABLE));
        out.start("table");
        if (props.has("caption")) {
            out.start("caption");
            props.write("caption", out);
            out.end();
        }
        rows(props, out);
        out.end().end();
    }

    private static void rows(Props props, HtmlWriter out) {
        List<List<String>> rows = parsed(props.text("cells"));
        int widest = rows.stream().mapToInt(List::size).max().orElse(0);
        boolean headed = props.flag("headRow") && rows.size() > 1;
        if (headed) {
            out.start("thead");
            row(rows.get(0), widest, true, false, out);
            out.end();
        }
        out.start("tbody");
        rows.stream().skip(headed ? 1 : 0).forEach(r -> row(r, widest, false, props.flag("headColumn"), out));
        out.end();
    }

    private static void row(List<String> cells, int widest, boolean head, boolean headFirst, HtmlWriter out) {
        out.start("tr");
        for (int i = 0; i < widest; i++) {
            String words = i < cells.size() ? cells.get(i) : "";
            if (head && !words.isBlank()) {
                out.start("th").attr("scope", "col");
            } else if (headFirst && i == 0 && !words.isBlank()) {
                out.start("th").attr("scope", "row");
            } else {
                out.start("td");
            }
            out.text(words).end();
        }
        out.end();
    }

    /** Between tabs where there is one, else between commas (RFC 4180). */
    private static CSVFormat format(String cells) {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(cells.contains("\t") ? '\t' : ',')
                .setTrim(true)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
    }

    private static List<List<String>> parsed(String cells) {
        try (CSVParser parser = CSVParser.parse(new StringReader(cells), format(cells))) {
            return StreamSupport.stream(parser.spliterator(), false)
                    .map(r -> r.toList())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
