package venue.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.theme.StyleSheet;
import venue.core.show.render.Head;
import venue.core.show.render.LinkedData;
import venue.core.show.render.ShareCard;
import venue.core.show.render.View;

/** What a template of any engine would ask of the items: values with their fallback, links as they lead now, menus. */
public final class Help {

    private final View view;
    private final Page page;

    Help(View view, Page page) {
        this.view = view;
        this.page = page;
    }

    public String title() {
        return Head.searchTitle(view.edition().site(), page, view.edition().isHome(page));
    }

    public String description() {
        return Head.description(view.edition(), page);
    }

    public String share() {
        return view.origin() + ShareCard.of(view.edition(), page).path();
    }

    public List<String> told() {
        return LinkedData.of(view, page);
    }

    public String fact(String key) {
        return Values.text(view.edition().site().facts(), key);
    }

    /** A message above the header, known by the hash of its words. */
    public record Notice(String id, String words) {}

    public List<Notice> notices() {
        return ((Value.Many) view.edition().site().facts().get("notices"))
                .groups().stream()
                        .map(n -> Values.text(n, "words"))
                        .map(words -> new Notice(Hash.shortOf(words), words))
                        .toList();
    }

    public String act() {
        return Link.find(fact("actLink")).map(this::href).orElse("");
    }

    public String theme(String key) {
        return view.edition().theme().text(key);
    }

    public List<Page> above() {
        Edition edition = view.edition();
        return edition.plan().ancestors(page.id()).stream()
                .map(id -> edition.require(Page.class, id))
                .toList();
    }

    /** @param place the site's fact that names it */
    public Menu menu(String place) {
        return view.edition().require(Menu.class, fact(place));
    }

    public List<Line> beneath(Line line) {
        return Branch.beneath(view.edition(), line);
    }

    /** Whether so much stands beneath a line that it takes a broad panel. */
    public boolean isBroad(List<Line> beneath) {
        return beneath.size() > 8 || beneath.stream().anyMatch(l -> !beneath(l).isEmpty());
    }

    public List<String> fonts() {
        return StyleSheet.fonts(view.edition().theme(), view.edition()::media, true);
    }

    public boolean isHere(Line line) {
        return line.pageId()
                .filter(above().stream().map(Page::id).toList()::contains)
                .isPresent();
    }

    public String label(Line line) {
        return view.edition().page(line.pageId().orElseThrow()).orElseThrow().menuLabel();
    }

    /** Where a link leads for visitors, or an empty text. */
    public String href(Link link) {
        return find(link).orElse("");
    }

    private Optional<String> find(Link link) {
        return link.pageId().flatMap(view.edition()::page).filter(view::shows).map(view::path);
    }

    public String setting(Section section, String key) {
        return text(SectionSettings.all(), section.settings(), key);
    }

    public String text(Element element, String key) {
        return text(Elements.require(element.kind()).properties(), element.props(), key);
    }

    private static String text(List<Property> declared, Map<String, Value> values, String key) {
        Property property =
                declared.stream().filter(p -> p.key().equals(key)).findFirst().orElseThrow();
        return property.in(values)
                .map(v -> v instanceof Value.Text t ? t.text() : "")
                .orElse("");
    }

    public String rich(Element element, String key) {
        return HtmlCleaner.forPage(text(element, key), link -> find(link).map(Way::to), 3)
                .html();
    }

    public List<Map<String, Value>> groups(Element element, String key) {
        return element.props().get(key) instanceof Value.Many many ? many.groups() : List.of();
    }

    public String word(Map<String, Value> group, String key) {
        return group.get(key) instanceof Value.Text t ? t.text() : "";
    }

    public String hrefOf(Map<String, Value> group) {
        return Link.find(word(group, "link")).map(this::href).orElse("");
    }
}
