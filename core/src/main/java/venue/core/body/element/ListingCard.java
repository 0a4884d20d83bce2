package venue.core.body.element;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** One entry of a listing: its picture, day, title, summary and facts, as far as the listing shows them. */
final class ListingCard {

    /** Layouts that are of pictures: what has none is drawn one. */
    private static final Set<String> OF_PICTURES = Set.of("people", "gallery");

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;
    private final String shape;
    private final boolean agenda;
    private final List<String> chosen;

    ListingCard(Props props, HtmlWriter out) {
        this.props = props;
        this.out = out;
        scene = props.scene();
        shape = props.text("shape");
        agenda = shape.equals("agenda");
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
        boolean pictures = props.flag("pictures") && !agenda && !shape.equals("compact");
        Optional<Media> picture =
                pictures ? scene.pictures().media(scene.words().words(page, "picture")) : Optional.empty();
        boolean waits = pictures && scene.words().prompt(page, "picture").isPresent();
        boolean drawn = pictures && picture.isEmpty() && !waits && isDrawn();
        String date = props.flag("dates") ? scene.words().words(page, UsualFields.DATE) : "";
        out.start("li", picture.isPresent() || waits || drawn ? "card pictured" : "card");
        boolean dayed = agenda;
        if (agenda) {
            AgendaDay.write(scene, date, out);
        } else if (shape.equals("large")) {
            dayed = large(page, picture, date);
        } else {
            picture(page, picture, waits, drawn, first);
        }
        out.start("div", "words");
        above(page, dayed ? "" : date);
        out.start("h" + level, props.flag("titles") ? "h z-medium" : "h z-medium unseen");
        title(scene, page, out);
        out.end();
        if (!shape.equals("gallery") && !shape.equals("compact")) {
            words(page);
        }
        if (props.flag("counted")) {
            out.start("span", "named")
                    .text(String.valueOf(scene.gathered().listings().naming(page)))
                    .end();
        }
        if (agenda) {
            out.end();
            facts(page);
            acts(page);
        } else {
            facts(page);
            acts(page);
            out.end();
        }
        out.end();
    }

    /** Whatever its kind brings: what plays, else its picture, else its day; whether it is the day. */
    private boolean large(Page page, Optional<Media> picture, String date) {
        Optional<Media> played = scene.words().fields(page).stream()
                .filter(f -> f.type() == PropertyType.FILE)
                .flatMap(f -> scene.pictures().media(scene.words().words(page, f.key())).stream())
                .filter(Player::plays)
                .findFirst();
        if (played.isPresent()) {
            out.start("div", "film");
            Player.write(played.get(), page.title(), picture, out);
            out.end();
        } else if (picture.isPresent()) {
            Pictures.write(scene, picture.get(), scene.pictures().alt(picture.get()), scene.span(), out);
        } else if (!date.isEmpty()) {
            AgendaDay.write(scene, date, out);
            return true;
        }
        return false;
    }

    private boolean isDrawn() {
        return props.text("missing").equals("drawn") || OF_PICTURES.contains(shape);
    }

    private void picture(Page page, Optional<Media> picture, boolean waits, boolean drawn, boolean first) {
        if (waits) {
            out.unseen().start("div", "to-fill-picture").end();
        } else if (picture.isPresent()) {
            int span = shape.equals("lead") && first ? scene.span() : share();
            Pictures.write(scene, picture.get(), scene.pictures().alt(picture.get()), span, out);
        } else if (drawn) {
            Tiles.initial(page.title(), out);
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
        if (!props.flag("facts") || shape.equals("gallery")) {
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
        if (!props.text("contacts").equals("none") && !shape.equals("gallery") && !shape.equals("compact")) {
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

    /** The share of the page that a picture takes, of the column at hand. */
    private int share() {
        return Math.min(
                shape.equals("cards") || shape.equals("posters") || shape.equals("gallery") ? 4 : 3, scene.span());
    }
}
