package venue.core.body.element;

import java.util.List;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** One entry of a listing: its picture, day, title, summary and facts, as far as the listing shows them. */
final class ListingCard {

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;
    private final ListingLayout layout;
    private final List<String> chosen;

    /**
     * One entry as the listing shows it.
     *
     * @param waits whether its picture is still to be chosen, and managers look at it
     * @param drawn whether something is drawn in place of a picture
     * @param date empty where it has none, or none is shown
     */
    record Shown(Page page, boolean first, Optional<Media> picture, boolean waits, boolean drawn, String date) {

        boolean isPictured() {
            return picture.isPresent() || waits || drawn;
        }
    }

    ListingCard(Props props, ListingLayout layout, HtmlWriter out) {
        this.props = props;
        this.layout = layout;
        this.out = out;
        scene = props.scene();
        chosen = props.groups("fields").stream()
                .map(f -> f.text("field"))
                .filter(k -> !k.isEmpty())
                .toList();
    }

    /**
     * @param level of the heading that its title is
     * @param first whether it is the first of its listing or group
     */
    void write(Page page, int level, boolean first) {
        Shown shown = shown(page, first);
        out.start("li", shown.isPictured() ? "card pictured" : "card");
        boolean dayed = layout.begin(this, shown);
        out.start("div", "words");
        above(page, dayed ? "" : shown.date());
        out.start("h" + level, props.flag("titles") ? "h z-medium" : "h z-medium unseen");
        title(scene, page, out);
        out.end();
        if (layout.says()) {
            words(page);
        }
        if (props.flag("counted")) {
            SiteIndex.pages(scene, scene.gathered().listings().naming(page))
                    .ifPresent(words -> out.start("span", "named").text(words).end());
        }
        if (layout.setsFactsApart()) {
            out.end();
        }
        facts(page);
        acts(page);
        if (!layout.setsFactsApart()) {
            out.end();
        }
        out.end();
    }

    private Shown shown(Page page, boolean first) {
        boolean pictures = layout.shows("pictures") && props.flag("pictures");
        Optional<Media> picture =
                pictures ? scene.pictures().media(scene.words().words(page, "picture")) : Optional.empty();
        boolean waits = pictures && scene.words().prompt(page, "picture").isPresent();
        boolean drawn = pictures && picture.isEmpty() && !waits && isDrawn();
        String date = props.flag("dates") ? scene.words().words(page, UsualFields.DATE) : "";
        return new Shown(page, first, picture, waits, drawn, date);
    }

    void day(Shown shown) {
        AgendaDay.write(scene, shown.date(), out);
    }

    /** Writes what leads a large card: a film or sound of the page, else its picture, else its day. Gives whether it is the day. */
    boolean large(Shown shown) {
        Page page = shown.page();
        Optional<Media> played = scene.words().fields(page).stream()
                .filter(f -> f.type() == PropertyType.FILE)
                .flatMap(f -> scene.pictures().media(scene.words().words(page, f.key())).stream())
                .filter(Player::plays)
                .findFirst();
        if (played.isPresent()) {
            out.start("div", "film");
            Player.write(played.get(), page.title(), shown.picture(), out);
            out.end();
        } else if (shown.picture().isPresent()) {
            pictured(shown.picture().get(), scene.span());
        } else if (!shown.date().isEmpty()) {
            day(shown);
            return true;
        }
        return false;
    }

    private void pictured(Media picture, int span) {
        Pictures.write(scene, picture, scene.pictures().alt(picture), span, out);
    }

    private boolean isDrawn() {
        return props.text("missing").equals("drawn") || layout.isOfPictures();
    }

    void picture(Shown shown) {
        if (shown.waits()) {
            out.unseen().start("div", "to-fill-picture").end();
        } else if (shown.picture().isPresent()) {
            pictured(shown.picture().get(), layout.share(scene.span(), shown.first()));
        } else if (shown.drawn()) {
            Tiles.initial(shown.page().title(), out);
        }
    }

    /** The day, and what else stands above the title. */
    private void above(Page page, String date) {
        if (!date.isEmpty()) {
            out.start("time")
                    .attr("datetime", date)
                    .text(Days.said(date, props.text("dateForm"), scene))
                    .end();
        }
        String kicker = scene.words().said(page, props.text("kicker"));
        if (!kicker.isEmpty()) {
            out.start("span", "kicker").text(kicker).end();
        }
    }

    /** The title, as a link where it leads somewhere. */
    static void title(Scene scene, Page page, HtmlWriter out) {
        String address = scene.links().address(page);
        if (address.isEmpty()) {
            out.text(page.title());
        } else {
            out.start("a").attr("href", address).text(page.title()).end();
        }
    }

    private void words(Page page) {
        if (props.flag("person")) {
            String person = scene.words().said(page, UsualFields.PERSON);
            if (!person.isEmpty()) {
                out.start("span", "person").text(person).end();
            }
        }
        if (props.flag("summaries")) {
            summary(page);
        }
        if (props.flag("topics")) {
            TopicLinks.write(scene, page, out);
        }
        if (props.flag("whole")) {
            out.start("div", "text").trusted(scene.words().wholeText(page)).end();
        }
    }

    private void summary(Page page) {
        String summary = scene.words().words(page, UsualFields.SUMMARY);
        if (!summary.isEmpty()) {
            out.element("p", summary);
        }
        scene.words().prompt(page, UsualFields.SUMMARY).ifPresent(prompt -> {
            out.unseen().start("p").start("mark", "to-fill").text(prompt);
            out.end().end();
        });
    }

    private void facts(Page page) {
        if (!props.flag("facts") || !layout.tellsFacts()) {
            return;
        }
        String classes = props.flag("labels") ? "facts" : "facts unlabelled";
        if (chosen.isEmpty()) {
            FactsElement.list(scene, page, f -> !standsApart(f.key()), classes, out);
        } else {
            FactsElement.list(
                    scene,
                    page,
                    chosen.stream()
                            .flatMap(k -> scene.words().declared(page, k).stream())
                            .toList(),
                    classes,
                    out);
        }
    }

    /** What a listing shows in a place of its own is no fact besides. */
    private boolean standsApart(String key) {
        boolean reached = key.equals(UsualFields.EMAIL) || key.equals(UsualFields.PHONE);
        return UsualFields.IN_LISTINGS.contains(key)
                || reached && !props.text("contacts").equals("none");
    }

    /** How to reach somebody, and the way on. */
    private void acts(Page page) {
        TraceWords.write(scene, page, props.flag("rating"), props.flag("comments"), out);
        if (props.flag("take")) {
            TakeWriter.write(scene, page, out);
        }
        if (!props.text("contacts").equals("none")) {
            Contacts.write(scene, key -> scene.words().words(page, key), props.text("contacts"), out);
        }
        String address = scene.links().address(page);
        if (props.has("button") && !address.isEmpty()) {
            out.start("p", "buttons").start("a", "button").attr("href", address);
            // Named with the page it leads to: a list of buttons with the same words tells nobody apart.
            out.attr("aria-label", props.text("button") + ": " + page.title());
            props.write("button", out);
            out.end().end();
        }
    }
}
