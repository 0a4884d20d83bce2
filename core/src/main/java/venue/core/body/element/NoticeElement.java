package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** A few words that stand out: a hint, a warning, good news. */
final class NoticeElement extends DeclaredKind {

    NoticeElement() {
        super(
                "notice",
                "Notice",
                "A few words that stand out",
                of("title", "Title", PropertyType.WORDS),
                of("words", "Words", PropertyType.RICH),
                choice("sort", "Sort", "hint=Hint", "warning=Warning", "news=Good news"));
    }

    @Override
    List<String> lines() {
        return List.of("title");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.hasAny();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "aside-note q-" + props.text("sort")).attr("role", "note");
        Tiles.line(props, "title", "p", "named", out);
        Tiles.words(props, "words", out);
        out.end();
    }
}
