package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** How long until something begins, and what to say once it has. */
final class CountdownElement extends DeclaredKind {

    /** The most days that are counted down. A day further off is told as a date. */
    private static final int COUNTED_DAYS = 60;

    CountdownElement() {
        super(
                "countdown",
                "Countdown",
                "How long until it begins",
                of("until", "Until", PropertyType.DATE_TIME).help("In the site's time zone."),
                of("words", "What begins", PropertyType.WORDS),
                of("after", "Afterwards", PropertyType.RICH).help("Shown instead, once it has begun."));
    }

    @Override
    List<String> lines() {
        return List.of("until", "words");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.text("until").isEmpty()
                ? props.hasAny() || props.isToFill("until")
                : !left(props).isNegative() || props.has("after");
    }

    /** The words are by the hour; an hour that is just over is said until the next is. */
    private static Duration left(Props props) {
        return Duration.between(props.scene().localTime(), LocalDateTime.parse(props.text("until")));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "countdown");
        if (props.text("until").isEmpty()) {
            if (props.isToFill("until")) {
                out.start("p");
                props.write("until", out);
                out.end();
            }
            Tiles.line(props, "words", "p", "small", out);
            Tiles.words(props, "after", out);
        } else if (left(props).isNegative()) {
            Tiles.words(props, "after", out);
        } else {
            Tiles.line(props, "words", "p", "small", out);
            out.start("p", "left").start("time").attr("datetime", props.text("until"));
            Duration left = left(props);
            props.scene().lasts(LocalDateTime.parse(props.text("until")).minusHours(left.toHours()));
            Property until = properties().get(0);
            Value day = Value.of(props.text("until"));
            out.text(
                    left.toDays() > COUNTED_DAYS
                            ? props.scene().words().inWords(until, day)
                            : words(props.scene(), left));
            out.end().end();
        }
        out.end();
    }

    private static String words(Scene scene, Duration left) {
        long days = left.toDays();
        long hours = left.toHours() % 24;
        String inDays = days == 0 ? "" : days + " " + scene.words().say(days == 1 ? Phrase.DAY : Phrase.DAYS);
        String inHours = hours == 0 ? "" : hours + " " + scene.words().say(hours == 1 ? Phrase.HOUR : Phrase.HOURS);
        String both = (inDays + " " + inHours).strip();
        return both.isEmpty() ? scene.words().say(Phrase.LESS_THAN_AN_HOUR) : both;
    }
}
