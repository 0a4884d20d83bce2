package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.form.FormNames;
import venue.core.body.form.Sending;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.body.trace.Rating;
import venue.core.model.property.PropertyType;

/** How visitors like the page, from one to five, and where they say it. */
public final class RatingElement extends VisitorKind {

    public static final String KEY = "rating";

    /** The setting by which members alone rate. */
    public static final String MEMBERS = "members";

    RatingElement() {
        super(
                KEY,
                "Rating",
                "How visitors like this page, from one to five",
                of("question", "What is asked", PropertyType.WORDS)
                        .longest(100)
                        .help("“How do you like it?” stands there otherwise."),
                of(MEMBERS, "Members only", PropertyType.YES_NO).fallback(Value.of(false)));
    }

    @Override
    List<String> lines() {
        return List.of("question");
    }

    @Override
    public boolean isSearched() {
        return false;
    }

    @Override
    public boolean hasSomething(Props props) {
        Scene scene = props.scene();
        return scene.forms().isHere() || !scene.traces().rating(scene.page()).isNone();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        Rating rating = scene.traces().rating(scene.page());
        scene.traces().written();
        scene.traces().rated();
        out.start("div", "rating").attr("id", KEY);
        if (rating.isNone()) {
            out.element("p", scene.words().say(Phrase.RATING_NONE));
        } else {
            out.start("p");
            TraceWords.mean(scene, rating, out);
            out.end();
        }
        asked(props, scene, out);
        out.end();
    }

    private static void asked(Props props, Scene scene, HtmlWriter out) {
        Sending sending = scene.forms().sending(FormNames.RATE);
        if (sending.state() == Sending.State.TOLD) {
            out.start("p", "told").attr("role", "status");
            sending.told().forEach(t -> out.text(t.in(scene.words()::say)));
            out.end();
        } else if (!scene.traces().rates()) {
            out.element("p", scene.words().say(Phrase.RATING_CLOSED));
        } else if (props.flag(MEMBERS) && ForMembers.sends(scene)) {
            ForMembers.write(scene, Phrase.RATING_MEMBERS, out);
        } else if (scene.forms().isHere()) {
            form(props, scene, out);
        }
    }

    private static void form(Props props, Scene scene, HtmlWriter out) {
        out.start("form").attr("method", "post");
        out.attr("action", scene.forms().action() + "#" + KEY);
        out.attr("data-page", Rating.key(scene.page().id()))
                .attr("data-given", scene.words().say(Phrase.RATING_GIVEN));
        out.empty("input").attr("type", "hidden").attr("name", FormNames.STAMP);
        out.attr("value", scene.forms().stamp());
        out.start("fieldset").start("legend");
        if (props.has("question")) {
            props.write("question", out);
        } else {
            out.text(scene.words().say(Phrase.RATING_ASK));
        }
        out.end();
        for (int i = 1; i <= Rating.MOST; i++) {
            out.start("label").empty("input").attr("type", "radio").attr("name", FormNames.RATE);
            out.attr("value", i).attr("required");
            out.start("span").text(String.valueOf(i)).end().end();
        }
        out.end().start("button", "button").attr("type", "submit");
        out.text(scene.words().say(Phrase.RATING_GIVE)).end().end();
    }
}
