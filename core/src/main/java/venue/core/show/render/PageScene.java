package venue.core.show.render;

import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.link.Link;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.SafeHtml;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.Headings;
import venue.core.body.element.Outline;
import venue.core.body.element.Scene;
import venue.core.body.element.ShownMenu;
import venue.core.body.element.SitePages;
import venue.core.edition.edition.Differing;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.OptionAnswer;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

/** The page and site around an element while one page is written. */
final class PageScene implements Scene {

    private static final int WHOLE = 12;
    private static final Set<PropertyType> DATED = EnumSet.of(PropertyType.DATE, PropertyType.DATE_TIME);
    private static final Set<PropertyType> NAMES_A_PAGE = EnumSet.of(PropertyType.PAGE, PropertyType.TOPIC);

    private final View view;
    private final Page page;
    private final Headings headings;
    private final String now;
    private final String language;
    private final Look look;
    /** What the page's content begins with, known once it is written. */
    final Beginning beginning;

    private final PageNeeds needs = new PageNeeds();
    private final PageListings listings;
    private final PageSearch search;
    private int ids;
    private int pictures;
    private Outline outline = new Outline(List.of());
    private int span = WHOLE;
    private final PageOptions options;

    PageScene(View view, Page page, boolean titled) {
        this.view = view;
        this.page = page;
        headings = new Headings(titled);
        listings = new PageListings(view, page);
        search = new PageSearch(view, page);
        options = new PageOptions(page);
        now = view.localTime().toString();
        look = Differing.look(view.edition(), page);
        beginning = new Beginning(look);
        language = PageSettings.language(page, view.edition().site().language());
    }

    /** The local day and time, ISO 8601. */
    String now() {
        return now;
    }

    @Override
    public String language() {
        return language;
    }

    /** The headings of the page, known before it is written. */
    void outlined(List<String> words) {
        outline = new Outline(words);
    }

    @Override
    public Outline outline() {
        return outline;
    }

    @Override
    public String alt(Media media) {
        return media.alt(language);
    }

    @Override
    public String say(Phrase phrase) {
        return phrase.in(language);
    }

    @Override
    public String freshId() {
        return "v" + ++ids;
    }

    @Override
    public LocalDateTime localTime() {
        return view.localTime();
    }

    @Override
    public Optional<String> fact(String key) {
        return bound("site." + key)
                .map(v -> v instanceof Value.Text text ? text.text() : "")
                .filter(w -> !w.isBlank());
    }

    @Override
    public boolean mayFrame(String host) {
        return fact("frameHosts").stream()
                .flatMap(String::lines)
                .map(String::strip)
                .anyMatch(host::equalsIgnoreCase);
    }

    @Override
    public void framed(String address) {
        needs.frame(address);
    }

    @Override
    public void tiled(String address) {
        needs.tile(address);
    }

    @Override
    public String ownHtml(String html) {
        return OwnHtml.path(page.id(), html);
    }

    @Override
    public List<Media> folder(String name) {
        return view.edition().all(Media.class).filter(m -> m.liesIn(name)).toList();
    }

    PageNeeds needs() {
        return needs;
    }

    /** The page is shown in a template with these options. */
    void choosing(List<Property> declared) {
        options.declared(declared);
    }

    PageScene inColumn(int twelfths) {
        span = twelfths;
        return this;
    }

    @Override
    public boolean showsMarks() {
        return view.isMarked();
    }

    @Override
    public Page page() {
        return page;
    }

    @Override
    public SitePages pages() {
        return new OpenPages(view, page);
    }

    @Override
    public Optional<String> href(Link link) {
        return new Leading(view, page).href(link);
    }

    @Override
    public SafeHtml rich(String html) {
        if (html.contains("<em>") || html.contains("<i>") || html.contains("<blockquote")) {
            needs.lean();
        }
        return HtmlCleaner.forPage(html, this::href, headings.beneath());
    }

    @Override
    public Optional<Media> media(@Nullable String id) {
        return view.edition().media(id);
    }

    @Override
    public Optional<Value> bound(String source) {
        String key = source.substring(source.indexOf('.') + 1);
        if (source.startsWith("site.")) {
            return key.equals("name")
                    ? Optional.of(Value.of(view.edition().site().name()))
                    : Optional.ofNullable(view.edition().site().facts().get(key));
        }
        if (key.equals("title")) {
            return Optional.of(Value.of(page.title()));
        }
        if (source.startsWith(Template.OPTION)) {
            return shown(options.find(key), options.values());
        }
        return shown(declared(page, key), page.fields());
    }

    /** Whether the page has chosen so among its template's options. */
    boolean answers(OptionAnswer wanted) {
        return options.answers(wanted);
    }

    private Optional<Value> shown(Optional<Property> declared, Map<String, Value> values) {
        return declared.flatMap(f -> f.in(values).map(v -> DATED.contains(f.type()) ? Value.of(inWords(f, v)) : v));
    }

    @Override
    public Optional<Property> declared(Page of, String key) {
        return view.edition().kindOf(of).flatMap(k -> k.field(key));
    }

    @Override
    public Optional<Value> field(Page of, String key) {
        return view.edition().field(of, key);
    }

    @Override
    public String inWords(Property property, Value value) {
        if (value instanceof Value.Many many) {
            return many.groups().stream()
                    .flatMap(g -> property.entries().stream()
                            .flatMap(e -> Optional.ofNullable(g.get(e.key())).map(v -> inWords(e, v)).stream()))
                    .filter(w -> !w.isBlank())
                    .collect(Collectors.joining(", "));
        }
        if (NAMES_A_PAGE.contains(property.type()) && value instanceof Value.Text id) {
            return view.edition().page(id.text()).map(Page::title).orElse("");
        }
        return ValueWords.of(property, value, view.locale());
    }

    @Override
    public Optional<ShownMenu> menu(String id) {
        return new Menus(view, this).of(id);
    }

    @Override
    public PageSearch search() {
        return search;
    }

    @Override
    public PageListings listings() {
        return listings;
    }

    @Override
    public SafeHtml wholeText(Page of) {
        return rich(of.zones()
                .all()
                .flatMap(s -> view.edition().shown(s).elements())
                .filter(e -> e.kind().equals("text"))
                .map(e -> Values.text(e.props(), "text"))
                .collect(Collectors.joining()));
    }

    @Override
    public List<Property> fields(Page of) {
        return view.edition().kindOf(of).map(Kind::fields).orElse(List.of());
    }

    @Override
    public String address(Page of) {
        return view.edition().page(of.id()).isPresent() ? view.path(of) : "";
    }

    @Override
    public Headings headings() {
        return headings;
    }

    @Override
    public int nextPicture(int room) {
        int place = pictures + 1;
        pictures += room;
        return place;
    }

    @Override
    public Look look() {
        return look;
    }

    @Override
    public int span() {
        return span;
    }
}
