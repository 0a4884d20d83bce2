package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.body.element.FoundLayouts;
import venue.core.body.element.ListingAsk;
import venue.core.body.element.ListingLayout.Stock;
import venue.core.body.element.ListingLayouts;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.When;
import venue.core.body.scene.Props;
import venue.core.body.search.Found;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.template.Template;

/**
 * The layouts of a listing, as they suit what it shows.
 *
 * @param matching how many it shows on all its pages
 * @param past how many are left out because they are over; 0 unless it shows what is to come
 */
public record Layouts(int matching, int past, List<Layout> layouts) {

    private static final int WHOLE = 12;
    private static final int MOST_FOUND = 50;

    /**
     * One layout.
     *
     * @param note what it does with these entries, or empty
     * @param whyNot why it does not suit them, or empty
     */
    public record Layout(String key, String name, String note, String whyNot) {}

    /** A listing by its section and id in an item that holds sections; empty where there is none. */
    public static Optional<Element> listing(Edition edition, String item, String section, String element) {
        return edition.find(Sectioned.class, item)
                .flatMap(i -> i.body()
                        .all()
                        .filter(s -> s.id().equals(section))
                        .flatMap(Section::elements)
                        .filter(e -> e.id().equals(element) && Elements.is(e, ElementKind::isTried))
                        .findFirst());
    }

    /** The page on which it is tried: the one that is named, else the item itself, else one made up for the template. */
    public static Page stand(Edition edition, String item, @Nullable String on) {
        return edition.page(on)
                .or(() -> edition.page(item))
                .or(() -> edition.find(Template.class, item).map(t -> Sample.of(edition, t)))
                .or(edition::home)
                .orElseThrow();
    }

    /** @param page the page that the listing stands on, or one that stands for such */
    public static Layouts of(View view, Page page, Element listing) {
        return Elements.is(listing, ElementKind::isListing)
                ? ofListing(view, page, listing)
                : ofFound(view, searching(view, page), listing);
    }

    private static Layouts ofFound(View view, Page page, Element search) {
        PageScene scene = new PageScene(view, page, true, List.of());
        List<Page> found = scene.gathered().search().found(MOST_FOUND).stream()
                .flatMap(f -> f.results().stream())
                .map(Found.Result::page)
                .toList();
        Stock stock = new Stock(found.size(), count(scene, found, UsualFields.PICTURE), 0);
        List<Layout> layouts = FoundLayouts.all().stream()
                .map(l -> new Layout(l.key(), l.says(), l.note(stock), ""))
                .toList();
        return new Layouts(found.size(), 0, layouts);
    }

    /** The page that shows what is found: the one that the site names for searching, else the one at hand. */
    private static Page searching(View view, Page page) {
        return view.searchPage().orElse(page);
    }

    private static Layouts ofListing(View view, Page page, Element listing) {
        PageScene scene = new PageScene(view, page, true, List.of());
        ListingQuery query = ListingAsk.of(props(listing, scene));
        List<Page> all = scene.gathered().listings().all(query);
        int past = query.which().when() == When.COMING
                ? scene.gathered()
                        .listings()
                        .all(query.with(query.which().conditions(), When.PAST, query.order()))
                        .size()
                : 0;
        int pictures = count(scene, all, UsualFields.PICTURE);
        int dates = count(scene, all, UsualFields.DATE);
        Stock stock = new Stock(all.size(), pictures, dates);
        List<Layout> layouts = ListingLayouts.all().stream()
                .map(l -> new Layout(l.key(), l.name(), l.note(stock), l.whyNot(stock)))
                .toList();
        return new Layouts(all.size(), past, layouts);
    }

    private static Props props(Element listing, PageScene scene) {
        return new Props(Elements.require(listing.kind()).properties(), listing.props(), scene);
    }

    private static int count(PageScene scene, List<Page> pages, String field) {
        return (int) pages.stream()
                .filter(p -> !scene.words().words(p, field).isEmpty())
                .count();
    }

    /** The listing alone on its page in one of the layouts, in the site's look; nothing is changed. */
    public static Rendered drawn(View view, Page page, Element listing, String layout) {
        Map<String, Value> props = new TreeMap<>(listing.props());
        props.put(ListingLayouts.SETTING, Value.of(layout));
        Section section = Section.empty("try", "", List.of(WHOLE));
        Element tried = new Element(listing.id(), listing.kind(), props);
        return PageRenderer.sections(
                view,
                Elements.is(listing, ElementKind::isListing) ? page : searching(view, page),
                List.of(section.withColumns(List.of(section.columns().get(0).withElements(List.of(tried))))));
    }
}
