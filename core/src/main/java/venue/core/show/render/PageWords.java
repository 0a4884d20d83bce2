package venue.core.show.render;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.SafeHtml;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.body.form.SeatWords;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Headings;
import venue.core.body.scene.SceneWords;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.ValueWords;
import venue.core.model.template.Template;
import venue.core.show.filling.Offering;

/** What elements of one page can say. */
final class PageWords implements SceneWords {

    private static final Set<PropertyType> DATED = EnumSet.of(PropertyType.DATE, PropertyType.DATE_TIME);
    private static final Set<PropertyType> NAMES_A_PAGE = EnumSet.of(PropertyType.PAGE, PropertyType.TOPIC);

    private final View view;
    private final Page page;
    private final PageOptions options;
    private final Headings headings;
    private final PageNeeds needs;
    private final String language;

    PageWords(View view, Page page, PageOptions options, Headings headings, PageNeeds needs) {
        this.view = view;
        this.page = page;
        this.options = options;
        this.headings = headings;
        this.needs = needs;
        language = PageSettings.language(page, view.edition().site().language());
    }

    @Override
    public boolean showsMarks() {
        return view.isMarked();
    }

    @Override
    public String language() {
        return language;
    }

    @Override
    public String say(Phrase phrase) {
        return phrase.in(language);
    }

    @Override
    public SafeHtml rich(String html) {
        if (html.contains("<em>") || html.contains("<i>") || html.contains("<blockquote")) {
            needs.lean();
        }
        return HtmlCleaner.forPage(html, new Leading(view, page)::way, headings.beneath());
    }

    @Override
    public Optional<Value> bound(String source) {
        String key = source.substring(source.indexOf('.') + 1);
        if (source.startsWith("site.")) {
            return key.equals("name")
                    ? Optional.of(Value.of(view.edition().site().name()))
                    : Optional.ofNullable(view.edition().site().facts().get(key));
        }
        if (source.startsWith("member.")) {
            return Optional.of(view.guest())
                    .filter(Guest::isMember)
                    .map(g -> key.equals("name") ? g.name() : g.fields().getOrDefault(key, ""))
                    .filter(words -> !words.isEmpty())
                    .map(Value::of);
        }
        if (key.equals("title")) {
            return Optional.of(Value.of(page.title()));
        }
        if (source.startsWith(Template.OPTION)) {
            return shown(options.find(key), options.values());
        }
        return left(page, key).map(Value::of).or(() -> shown(declared(page, key), page.fields()));
    }

    /** The number of places that a form gives is said as what is left of them. */
    @Override
    public String said(Page of, String key) {
        return left(of, key).orElseGet(() -> SceneWords.super.said(of, key));
    }

    private Optional<String> left(Page of, String key) {
        return Optional.of(of)
                .filter(p -> view.facts().here())
                .flatMap(p -> Offering.counting(view.edition(), p.kind()))
                .flatMap(Form::placesField)
                .filter(key::equals)
                .flatMap(k ->
                        view.offering(page, Locale.forLanguageTag(language)).seats(of))
                .map(seats -> SeatWords.of(seats, this::say));
    }

    private Optional<Value> shown(Optional<Property> declared, Map<String, Value> values) {
        return declared.flatMap(f -> f.in(values).map(v -> DATED.contains(f.type()) ? Value.of(inWords(f, v)) : v));
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
    public SafeHtml wholeText(Page of) {
        return rich(of.zones()
                .all()
                .flatMap(s -> view.edition().shown(s).elements())
                .flatMap(e -> Elements.find(e.kind()).map(k -> k.wholeText(e.props())).stream())
                .collect(Collectors.joining()));
    }

    @Override
    public Optional<Value> field(Page of, String key) {
        return view.edition().field(of, key);
    }

    @Override
    public Optional<Property> declared(Page of, String key) {
        return view.edition().kindOf(of).flatMap(k -> k.field(key));
    }

    @Override
    public List<Property> fields(Page of) {
        return view.edition().kindOf(of).map(Kind::fields).orElse(List.of());
    }

    @Override
    public Optional<String> fact(String key) {
        return bound("site." + key)
                .map(v -> v instanceof Value.Text text ? text.text() : "")
                .filter(w -> !w.isBlank());
    }
}
