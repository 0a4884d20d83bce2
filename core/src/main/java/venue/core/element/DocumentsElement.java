package venue.core.element;

import static venue.core.property.Property.many;
import static venue.core.property.Property.of;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;
import venue.core.property.PropertyType;

/** Files to take along, each with what it is and how large. */
final class DocumentsElement extends DeclaredKind {

    private static final long KILO = 1000;

    DocumentsElement() {
        super(
                "documents",
                "Documents",
                "Files to take along, with type and size",
                of("folder", "All of a folder", PropertyType.WORDS).help("The name of a folder in Media."),
                many(
                        "files",
                        "Files",
                        of("file", "File", PropertyType.FILE),
                        of("label", "Called", PropertyType.WORDS)));
    }

    private record Shown(Media file, String label) {}

    private static List<Shown> shown(Props props) {
        List<Shown> all = new ArrayList<>();
        props.groups("files")
                .forEach(f -> f.file("file")
                        .ifPresent(m -> all.add(new Shown(m, f.has("label") ? f.text("label") : m.name()))));
        if (props.has("folder")) {
            props.scene().folder(props.text("folder")).forEach(m -> all.add(new Shown(m, m.name())));
        }
        return all;
    }

    private static boolean waits(Props props) {
        return props.groups("files").stream().anyMatch(f -> f.isToFill("file"));
    }

    @Override
    List<String> lines() {
        return List.of("folder");
    }

    @Override
    public boolean hasSomething(Props props) {
        return !shown(props).isEmpty() || waits(props);
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("ul", "documents");
        for (Shown one : shown(props)) {
            out.start("li")
                    .start("a")
                    .attr("href", one.file().path())
                    .attr("download", one.file().name());
            out.text(one.label()).end();
            out.text(" ").start("span", "small").text(size(one.file())).end().end();
        }
        props.groups("files").stream().filter(f -> f.isToFill("file")).forEach(f -> {
            out.start("li");
            f.write("file", out);
            out.end();
        });
        out.end();
    }

    private static String size(Media file) {
        String sort = file.format().toUpperCase(Locale.ROOT);
        long bytes = file.bytes();
        if (bytes <= 0) {
            return sort;
        }
        return sort + ", "
                + (bytes < KILO * KILO
                        ? Math.max(1, Math.round(bytes / (double) KILO)) + " kB"
                        : String.format(Locale.ROOT, "%.1f MB", bytes / (double) (KILO * KILO)));
    }
}
