package venue.core.body.element;

import java.util.Map;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.body.scene.Scene;

/** What visitors may choose by in a listing, as links and a plain form, and the links to its further pages. Nothing of it needs a script. */
final class ListingChoices {

    /** The first and last page and so many on either side of the one at hand are linked to by number. */
    private static final int NEAR = 2;

    private final Scene scene;
    private final ListingQuery query;
    private final Listed listed;
    private final HtmlWriter out;

    ListingChoices(Scene scene, ListingQuery query, Listed listed, HtmlWriter out) {
        this.scene = scene;
        this.query = query;
        this.listed = listed;
        this.out = out;
    }

    void write() {
        boolean chosen = !listed.chosen().isEmpty();
        if (query.offered().isNothing() || (listed.offers().isEmpty() && listed.isEmpty() && !chosen)) {
            return;
        }
        out.start("div", "choosing");
        listed.offers().stream()
                .filter(o -> o.answers().size() > 1 || listed.chosen().containsKey(o.key()))
                .forEach(this::offer);
        if (query.offered().words()) {
            words();
        }
        out.end();
        if (listed.isEmpty() && chosen) {
            out.start("p", "none").text(scene.words().say(Phrase.NOTHING_FOUND)).text(" ");
            link(1, Map.of(), scene.words().say(Phrase.ALL), false);
            out.end();
        }
    }

    private void offer(Listed.Offer offer) {
        String label = offer.key().equals(Listed.YEAR) ? scene.words().say(Phrase.YEAR) : offer.label();
        out.start("div", "chips").attr("role", "group").attr("aria-label", label);
        out.element("span", label);
        Map<String, String> without = new TreeMap<>(listed.chosen());
        without.remove(offer.key());
        link(1, without, scene.words().say(Phrase.ALL), !listed.chosen().containsKey(offer.key()));
        for (Listed.Answer answer : offer.answers()) {
            Map<String, String> with = new TreeMap<>(without);
            with.put(offer.key(), answer.value());
            out.text(" ");
            start(1, answer.isChosen() ? without : with, answer.isChosen());
            out.text(answer.label()).text(" ").start("small").text(String.valueOf(answer.count()));
            out.end().end();
        }
        out.end();
    }

    private void words() {
        out.start("form")
                .attr("method", "get")
                .attr("action", scene.gathered().listings().further("", 1, Map.of()))
                .attr("role", "search");
        String before = listed.name().isEmpty() ? "" : listed.name() + ".";
        listed.chosen().forEach((key, value) -> {
            if (!key.equals(Listed.WORDS)) {
                out.empty("input")
                        .attr("type", "hidden")
                        .attr("name", before + key)
                        .attr("value", value);
            }
        });
        String label = scene.words().say(Phrase.FIND);
        out.empty("input")
                .attr("type", "search")
                .attr("name", before + Listed.WORDS)
                .attr("value", listed.chosen().getOrDefault(Listed.WORDS, ""))
                .attr("aria-label", label)
                .attr("placeholder", label);
        out.start("button", "button")
                .attr("type", "submit")
                .text(scene.words().say(Phrase.SHOW))
                .end();
        out.end();
    }

    /** The links to the other pages, where there are any. */
    void pages() {
        if (listed.portion().of() < 2) {
            return;
        }
        out.start("nav", "further").attr("aria-label", scene.words().say(Phrase.PAGES));
        if (listed.portion().number() > 1) {
            out.start("a").attr("rel", "prev").attr("href", at(listed.portion().number() - 1));
            out.text(scene.words().say(Phrase.EARLIER_PAGE)).end();
        }
        out.start("ol");
        int last = 0;
        for (int number : near()) {
            if (number > last + 1) {
                out.start("li").attr("aria-hidden", "true").text("…").end();
            }
            out.start("li");
            numbered(number);
            out.end();
            last = number;
        }
        out.end();
        if (listed.portion().number() < listed.portion().of()) {
            out.start("a").attr("rel", "next").attr("href", at(listed.portion().number() + 1));
            out.text(scene.words().say(Phrase.FURTHER_PAGE)).end();
        }
        out.end();
    }

    private SortedSet<Integer> near() {
        SortedSet<Integer> near = new TreeSet<>();
        near.add(1);
        near.add(listed.portion().of());
        for (int n = listed.portion().number() - NEAR; n <= listed.portion().number() + NEAR; n++) {
            if (n > 1 && n < listed.portion().of()) {
                near.add(n);
            }
        }
        return near;
    }

    private void numbered(int number) {
        String label = scene.words().say(Phrase.PAGE).replace("{0}", String.valueOf(number));
        out.start("a").attr("href", at(number)).attr("aria-label", label);
        if (number == listed.portion().number()) {
            out.attr("aria-current", "page");
        }
        out.text(String.valueOf(number)).end();
    }

    private String at(int number) {
        return scene.gathered().listings().further(listed.name(), number, listed.chosen());
    }

    private void link(int number, Map<String, String> chosen, String words, boolean current) {
        start(number, chosen, current);
        out.text(words).end();
    }

    private void start(int number, Map<String, String> chosen, boolean current) {
        out.start("a").attr("href", scene.gathered().listings().further(listed.name(), number, chosen));
        if (current) {
            out.attr("aria-current", "true");
        }
    }
}
