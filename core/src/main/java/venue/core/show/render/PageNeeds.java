package venue.core.show.render;

import java.net.URI;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import venue.core.body.scene.Outline;

/** What the parts of a page need of it: rules of its own, frames from elsewhere, the small script. */
final class PageNeeds {

    private final PageRules rules = new PageRules();
    private final SortedSet<String> frames = new TreeSet<>();
    private final SortedSet<String> tiles = new TreeSet<>();
    private Outline outline = new Outline(List.of());
    private String server = "";
    private boolean script;
    private boolean leans;
    private boolean forms;
    private boolean filling;
    private boolean basket;
    private boolean taking;
    private boolean traces;
    private boolean rating;

    /** Something here asks the server, which is elsewhere. */
    void ask(String origin) {
        server = origin;
    }

    /** Where something here asks; empty where nothing does. */
    String asks() {
        return server;
    }

    PageRules rules() {
        return rules;
    }

    /** The origin of what is shown from an address must be let into the page. */
    void frame(String address) {
        frames.add(origin(address));
    }

    /** The same of the pictures that a map is made of. */
    void tile(String address) {
        tiles.add(origin(address.replaceAll("[{}]", "")));
    }

    private static String origin(String address) {
        URI uri = URI.create(address.replace(" ", "%20"));
        return uri.getScheme() + "://" + uri.getAuthority();
    }

    List<String> tiles() {
        return List.copyOf(tiles);
    }

    List<String> frames() {
        return List.copyOf(frames);
    }

    /** An element lists the page's headings: these, in order. */
    void outline(List<String> headings) {
        outline = new Outline(headings);
    }

    Outline outline() {
        return outline;
    }

    /** Words here lean, so that their letters are wanted before the page is drawn. */
    void lean() {
        leans = true;
    }

    boolean leans() {
        return leans;
    }

    /** A form of the members' is here. */
    void needForms() {
        forms = true;
    }

    boolean needsForms() {
        return forms;
    }

    /** A form is here that visitors fill in. */
    void needFilling() {
        filling = true;
    }

    boolean needsFilling() {
        return filling;
    }

    /** Something can be taken along here. */
    void needTaking() {
        taking = true;
        basket = true;
    }

    boolean needsTaking() {
        return taking;
    }

    /** What visitors left is here. */
    void needTraces() {
        traces = true;
    }

    boolean needsTraces() {
        return traces;
    }

    /** The page is rated here. */
    void needRating() {
        rating = true;
    }

    boolean needsRating() {
        return rating;
    }

    /** What was taken along is told of here. */
    void needBasket() {
        basket = true;
    }

    boolean needsBasket() {
        return basket;
    }

    /** Something here is better with the small script of the public site, though it can be read without. */
    void needScript() {
        script = true;
    }

    boolean needsScript() {
        return script;
    }
}
