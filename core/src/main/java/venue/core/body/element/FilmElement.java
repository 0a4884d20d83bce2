package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/** A film or a sound: a file of the site, or one elsewhere that is fetched only when the visitor agrees. */
final class FilmElement extends DeclaredKind {

    FilmElement() {
        super(
                "film",
                "Film or sound",
                "Plays where it stands",
                of("file", "File", PropertyType.FILE).help("mp4, webm, mp3, m4a or ogg."),
                of("outside", "Or elsewhere", PropertyType.LINK)
                        .help("The address that shows the film in a frame. Its host must be on the site's list."),
                of("still", "Still before it plays", PropertyType.PICTURE).wants(PictureSlot.wide(0, "16 : 9")),
                of("caption", "Caption", PropertyType.WORDS));
    }

    @Override
    public boolean isPicture() {
        return true;
    }

    @Override
    List<String> lines() {
        return List.of("outside");
    }

    @Override
    public Optional<String> unchosen(Map<String, Value> props) {
        return Optional.of("file").filter(key -> !props.containsKey(key) && !props.containsKey("outside"));
    }

    @Override
    public boolean hasSomething(Props props) {
        return playing(props).isPresent()
                || outside(props).isPresent()
                || props.isToFill("file")
                || props.has("caption");
    }

    private static Optional<Media> playing(Props props) {
        return props.file("file").filter(Player::plays);
    }

    private static Optional<Link> outside(Props props) {
        return Link.find(props.text("outside")).filter(l -> l.target().startsWith("https://"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("figure", "film");
        Optional<Media> file = playing(props);
        if (file.isPresent()) {
            Player.write(file.get(), label(props, file.get()), props.media("still"), out);
        } else if (outside(props).isPresent()) {
            Frames.onceAgreed(props.scene(), outside(props).get(), props.text("caption"), out);
        } else if (props.isToFill("file")) {
            Tiles.place(props, "file", "div", out);
        }
        Tiles.line(props, "caption", "figcaption", "said", out);
        out.end();
    }

    private static String label(Props props, Media film) {
        return props.has("caption") ? props.text("caption") : film.name();
    }
}
