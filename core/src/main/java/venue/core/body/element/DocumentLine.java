package venue.core.body.element;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.media.Earlier;
import venue.core.model.media.Media;

/** One file to take along: what it is called, its sort, size and day, and what it was before. */
final class DocumentLine {

    private static final long KILO = 1000;

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;

    DocumentLine(Props props, HtmlWriter out) {
        this.props = props;
        scene = props.scene();
        this.out = out;
    }

    /** @param label what it is called here; empty for its own name */
    void write(Media file, String label) {
        String name = label.isEmpty() ? file.name() : label;
        Optional<String> page = props.flag("pages") ? scene.links().pages().ofFile(file) : Optional.empty();
        out.start("li").start("a").attr("href", page.orElse(file.path()));
        if (page.isEmpty()) {
            download(file.name(), file.format());
        }
        out.text(name).end().text(" ");
        small(file.format(), file.bytes(), file.since());
        if (page.isPresent()) {
            out.text(" ").start("a", "take").attr("href", file.path());
            download(file.name(), file.format());
            out.attr("aria-label", scene.words().say(Phrase.DOWNLOAD) + ": " + name);
            out.text(scene.words().say(Phrase.DOWNLOAD)).end();
        }
        if (props.flag("earlier") && !file.earlier().isEmpty()) {
            earlier(file);
        }
        out.end();
    }

    /** Under a name with its ending, or whoever has it can't open it. */
    private void download(String name, String format) {
        String ending = "." + format;
        out.attr("download", name.toLowerCase(Locale.ROOT).endsWith(ending) ? name : name + ending);
    }

    static void link(Way way, String label, HtmlWriter out) {
        out.start("li").start(way, "");
        out.text(label.isEmpty() ? way.href() : label).end(way).end();
    }

    private void earlier(Media file) {
        out.start("details", "earlier").element("summary", scene.words().say(Phrase.EARLIER_VERSIONS));
        out.start("ul");
        for (Earlier before : file.earlier()) {
            String day = day(before.since());
            out.start("li").start("a").attr("href", before.path());
            download(file.name() + (before.since().isEmpty() ? "" : " " + before.since()), before.format());
            out.text(day.isEmpty() ? file.name() : day).end().text(" ");
            small(before.format(), before.bytes(), "");
            out.end();
        }
        out.end().end();
    }

    private String day(String since) {
        return since.isEmpty() ? "" : Days.said(since, "day", scene);
    }

    private void small(String format, long bytes, String since) {
        List<String> said = new ArrayList<>();
        if (props.flag("details")) {
            said.add(format.toUpperCase(Locale.ROOT));
            if (bytes > 0) {
                said.add(size(bytes));
            }
        }
        if (props.flag("dates") && !since.isEmpty()) {
            said.add(day(since));
        }
        if (!said.isEmpty()) {
            out.start("span", "small").text(String.join(", ", said)).end();
        }
    }

    private static String size(long bytes) {
        return bytes < KILO * KILO
                ? Math.max(1, Math.round(bytes / (double) KILO)) + " kB"
                : String.format(Locale.ROOT, "%.1f MB", bytes / (double) (KILO * KILO));
    }
}
