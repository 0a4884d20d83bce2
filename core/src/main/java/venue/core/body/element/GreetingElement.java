package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** Greets a member by name, by the time of the day. */
final class GreetingElement extends DeclaredKind {

    private static final int NOON = 12;
    private static final int EVENING = 18;
    private static final int MORNING = 4;

    GreetingElement() {
        super(
                "greeting",
                "Greeting",
                "Greets a member by name; strangers see other words, or nothing",
                of("strangers", "Words for strangers", PropertyType.WORDS).longest(160));
    }

    @Override
    List<String> lines() {
        return List.of("strangers");
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().guest().isMember() || props.scene().showsMarks() || props.has("strangers");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Guest guest = props.scene().guest();
        if (guest.isMember() || props.scene().showsMarks() && !props.has("strangers")) {
            props.scene()
                    .lasts(props.scene()
                            .localTime()
                            .plusHours(1)
                            .withMinute(0)
                            .withSecond(0)
                            .withNano(0));
            int hour = props.scene().localTime().getHour();
            Phrase greets = hour < MORNING || hour >= EVENING
                    ? Phrase.GOOD_EVENING
                    : hour < NOON ? Phrase.GOOD_MORNING : Phrase.GOOD_DAY;
            String name = guest.isMember() ? guest.name() : "…";
            out.start("p", "h z-medium greeting")
                    .text(props.scene().words().say(greets).replace("{0}", name))
                    .end();
        } else {
            props.startWritten("strangers", "p", "h z-medium greeting", out);
            props.write("strangers", out);
            out.end();
        }
    }
}
