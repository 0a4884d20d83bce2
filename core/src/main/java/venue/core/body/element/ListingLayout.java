package venue.core.body.element;

import java.util.List;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Props;
import venue.core.model.page.Page;

/** A way in which a listing sets its entries: what it declares, and how it writes them. */
public abstract class ListingLayout {

    /** The settings that say something where entries stand as cards. */
    static final String[] OF_CARDS = {"pictures", "crop", "missing", "whole", "contacts", "button"};

    /** How many pictures of an even share stand side by side, and in what is closer. */
    private static final int EVEN = 3;

    /**
     * What there is to set.
     *
     * @param pictures how many of them have a picture
     * @param dates how many of them have a date
     */
    public record Stock(int all, int pictures, int dates) {

        String some(int have, String what) {
            return have < all ? have + " of " + all + " have " + what : "";
        }

        String none(int have, String what) {
            return all > 0 && have == 0 ? "needs " + what + ": none of these has one" : "";
        }
    }

    private final String key;
    private final String name;
    private final Sketch drawn;
    private final Set<String> settings;

    /** @param settings keys of the settings that say something in it, of those that not every layout has a use for */
    ListingLayout(String key, String name, Sketch drawn, String... settings) {
        this.key = key;
        this.name = name;
        this.drawn = drawn;
        this.settings = Set.of(settings);
    }

    /** The name kept in contents. */
    public final String key() {
        return key;
    }

    /** The name people read. */
    public final String name() {
        return name;
    }

    /** How it is drawn small. */
    final Sketch drawn() {
        return drawn;
    }

    final boolean shows(String setting) {
        return settings.contains(setting);
    }

    /** What it does with these entries, or empty. */
    public String note(Stock stock) {
        return "";
    }

    /** Why it does not suit them, or empty. */
    public String whyNot(Stock stock) {
        return "";
    }

    /** Keys of the fields without which it shows nothing of its own. */
    Set<String> needs() {
        return Set.of();
    }

    /** Whether visitors may have the entries in another order. */
    boolean sorts() {
        return false;
    }

    /** Writes some of a listing's entries: cards of a list. */
    void write(Props props, Listed listed, List<Page> pages, int level, HtmlWriter out) {
        ListingCard card = new ListingCard(props, this, out);
        out.start("ul", "listing " + key + across(props) + crop(props) + cards(props));
        for (int i = 0; i < pages.size(); i++) {
            card.write(pages.get(i), level, i == 0);
        }
        out.end();
    }

    private static String across(Props props) {
        String across = props.text("across");
        return across.equals("auto") ? "" : " across-" + across;
    }

    private String cards(Props props) {
        return shows("cards") ? props.scene().cards(props.text("cards")) : "";
    }

    private static String crop(Props props) {
        String crop = props.text("crop");
        return crop.equals("even") ? "" : " crop-" + crop;
    }

    /** Whether it is of pictures: what has none is drawn one, and words stand back. */
    boolean isOfPictures() {
        return false;
    }

    /** Whether summaries, topics and the like are said beneath the title. */
    boolean says() {
        return true;
    }

    /** Whether facts are told beneath the words. */
    boolean tellsFacts() {
        return true;
    }

    /** Whether facts and the way on stand apart from the words. */
    boolean setsFactsApart() {
        return false;
    }

    /** What stands before the words of an entry; whether that is its day. */
    boolean begin(ListingCard card, ListingCard.Shown shown) {
        card.picture(shown);
        return false;
    }

    /** The share of the page that a picture takes, in twelfths, of a column of {@code span}. */
    int share(int span, boolean first) {
        return Math.min(EVEN, span);
    }
}
