package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** Files to take along: those that are named, and those of a folder with the folders within it. */
final class DocumentsElement extends DeclaredKind {

    DocumentsElement() {
        super(
                "documents",
                "Documents",
                "Files to take along, by folders, with type, size and date",
                of("folder", "All of a folder", PropertyType.FOLDER).help("A folder in Media."),
                of("deep", "With the folders within it", PropertyType.YES_NO)
                        .fallback(Value.of(true))
                        .onlyWhen("folder"),
                choice("order", "Within a folder", "name=By name", "newest=Newest first", "oldest=Oldest first")
                        .onlyWhen("folder"),
                many(
                        "files",
                        "Files and links",
                        of("file", "File", PropertyType.FILE),
                        of("link", "Or a link", PropertyType.LINK),
                        of("label", "Called", PropertyType.WORDS)),
                of("details", "Type and size", PropertyType.YES_NO).fallback(Value.of(true)),
                of("dates", "Since when", PropertyType.YES_NO).fallback(Value.of(true)),
                of("earlier", "Earlier versions", PropertyType.YES_NO).fallback(Value.of(true)),
                of("pages", "Names lead to the file’s own page", PropertyType.YES_NO)
                        .fallback(Value.of(true))
                        .help("Where a page holds the file in one of its fields; else they lead to the file."));
    }

    @Override
    public Optional<String> folder(Map<String, Value> props) {
        return Optional.of(Values.text(props, "folder")).filter(f -> !f.isEmpty());
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists");
    }

    @Override
    List<String> lines() {
        return List.of("folder");
    }

    @Override
    public boolean isOwn(Map<String, Value> props) {
        return folder(props).isEmpty();
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.groups("files").stream()
                        .anyMatch(
                                f -> f.file("file").isPresent() || f.way("link").isPresent() || f.isToFill("file"))
                || props.has("folder") && !DocumentFolder.of(props).isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        DocumentLine line = new DocumentLine(props, out);
        out.start("ul", "documents");
        for (Props named : props.groups("files")) {
            String label = named.text("label");
            named.file("file")
                    .ifPresentOrElse(
                            m -> line.write(m, label),
                            () -> named.way("link")
                                    .ifPresentOrElse(
                                            way -> DocumentLine.link(way, label, out), () -> toFill(named, out)));
        }
        if (props.has("folder")) {
            folder(DocumentFolder.of(props), line, out);
        }
        out.end();
    }

    private static void toFill(Props named, HtmlWriter out) {
        if (named.isToFill("file")) {
            out.start("li");
            named.write("file", out);
            out.end();
        }
    }

    private static void folder(DocumentFolder folder, DocumentLine line, HtmlWriter out) {
        folder.files().forEach(m -> line.write(m, ""));
        for (DocumentFolder within : folder.within()) {
            out.start("li", "folder").start("details").start("summary").text(within.name());
            out.text(" ").element("small", String.valueOf(within.count())).end();
            out.start("ul", "documents");
            folder(within, line, out);
            out.end().end().end();
        }
    }
}
