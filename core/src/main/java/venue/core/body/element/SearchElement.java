package venue.core.body.element;

import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.body.search.Found;
import venue.core.model.property.PropertyType;

/** A line to look for something, and on the page bound for it what was found. It needs no script. */
final class SearchElement extends DeclaredKind {

    private static final String FOUND = "What is found";

    SearchElement() {
        super(
                "search",
                "Search",
                "A line to look for something; on the site’s page for searching, what was found too",
                of("hint", "Words in the line", PropertyType.WORDS).longest(60),
                number("each", "Found on one page", 5, 50, 10, "").under(FOUND),
                FoundLayouts.declared().under(FOUND),
                of("addresses", "Addresses", PropertyType.YES_NO)
                        .fallback(Value.of(true))
                        .under(FOUND));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ASKING;
    }

    @Override
    public List<String> inPlace() {
        return List.of("hint");
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists", "pictures");
    }

    @Override
    public boolean isTried() {
        return true;
    }

    @Override
    public boolean isOwn(Map<String, Value> props) {
        return false;
    }

    @Override
    public boolean asksServer(Map<String, Value> props) {
        return true;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().gathered().search().leads();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        Optional<Found> found = scene.gathered().search().found(props.number("each"));
        line(props, scene.gathered().search().address(), found.map(Found::words).orElse(""), out);
        found.ifPresent(f -> new Results(props, scene, f, out).write());
    }

    private static void line(Props props, String address, String words, HtmlWriter out) {
        String say = props.scene().words().say(Phrase.SEARCH);
        String hint = props.text("hint");
        out.start("form", "searching")
                .attr("method", "get")
                .attr("action", address)
                .attr("role", "search");
        out.empty("input")
                .attr("type", "search")
                .attr("name", Found.WORDS)
                .attr("value", words)
                .attr("maxlength", 200)
                .attr("aria-label", say)
                .attr("placeholder", hint.isEmpty() ? say : hint);
        out.start("button", "button strong").attr("type", "submit").text(say).end();
        out.end();
    }

    /** What was found. */
    private record Results(Props props, Scene scene, Found found, HtmlWriter out) {

        void write() {
            out.start("p", "tally").attr("role", "status");
            out.text((found.portion().total() == 0
                            ? scene.words().say(Phrase.NOTHING_SAYS)
                            : scene.words().say(Phrase.SAY))
                    .replace("{0}", "“" + found.words() + "”")
                    .replace("{1}", String.valueOf(found.portion().total())));
            found.near().ifPresent(near -> {
                out.text(" ").text(scene.words().say(Phrase.MEANT)).text(" ");
                link(Map.of(Found.WORDS, near), near, false);
                out.text("?");
            });
            out.end();
            if (!found.offers().isEmpty()) {
                out.start("div", "choosing");
                found.offers().forEach(this::offer);
                out.end();
            }
            if (!found.results().isEmpty()) {
                new FoundResults(props, out).write(found.results());
            }
            pages();
        }

        private void offer(Listed.Offer offer) {
            Map<String, String> without = asked();
            without.remove(offer.key());
            out.start("div", "chips");
            link(without, scene.words().say(Phrase.ALL), !found.chosen().containsKey(offer.key()));
            for (Listed.Answer answer : offer.answers()) {
                Map<String, String> with = new TreeMap<>(without);
                with.put(offer.key(), answer.value());
                out.text(" ");
                link(answer.isChosen() ? without : with, answer.label() + " " + answer.count(), answer.isChosen());
            }
            out.end();
        }

        private void pages() {
            if (found.portion().of() < 2) {
                return;
            }
            out.start("nav", "further").attr("aria-label", scene.words().say(Phrase.PAGES));
            if (found.portion().number() > 1) {
                page(found.portion().number() - 1, scene.words().say(Phrase.EARLIER_PAGE));
            }
            out.text(found.portion().number() + " / " + found.portion().of());
            if (found.portion().number() < found.portion().of()) {
                page(found.portion().number() + 1, scene.words().say(Phrase.FURTHER_PAGE));
            }
            out.end();
        }

        private void page(int number, String words) {
            Map<String, String> at = asked();
            at.put(Found.NUMBER, String.valueOf(number));
            link(at, words, false);
        }

        private Map<String, String> asked() {
            Map<String, String> asked = new TreeMap<>(found.chosen());
            asked.put(Found.WORDS, found.words());
            return asked;
        }

        private void link(Map<String, String> query, String words, boolean current) {
            out.start("a").attr("href", scene.gathered().search().at(query));
            if (current) {
                out.attr("aria-current", "true");
            }
            out.text(words).end();
        }
    }
}
