package venue.core.show.render;

import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.value.Values;
import venue.core.body.trace.Rating;
import venue.core.edition.edition.Edition;
import venue.core.edition.json.ItemJson;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.model.site.Site;

/** What a page says of itself to machines (JSON-LD 1.1, in the words of schema.org): from declared fields alone. */
public final class LinkedData {

    public static final String TYPE = "application/ld+json";

    private static final String SCHEMA = "https://schema.org";
    private static final int DAY = "2026-01-01".length();

    private final View view;
    private final Edition edition;
    private final Page page;

    private LinkedData(View view, Page page) {
        this.view = view;
        this.edition = view.edition();
        this.page = page;
    }

    /** The things that are told of a page, each as JSON; none where there is nothing to tell. */
    public static List<String> of(View view, Page page) {
        return of(view, page, false);
    }

    /** @param rated whether the page shows how it is rated */
    static List<String> of(View view, Page page, boolean rated) {
        LinkedData told = new LinkedData(view, page);
        List<Map<String, Object>> things = new ArrayList<>();
        told.way().ifPresent(things::add);
        if (view.edition().isHome(page)) {
            things.add(told.organization());
        }
        Rating rating = rated ? view.facts().traces().ratings().of(page.id()) : Rating.NONE;
        Optional<Map<String, Object>> meant = told.meant()
                .or(() -> rating.isNone() ? Optional.empty() : Optional.of(told.described("CreativeWork", "name")));
        meant.ifPresent(thing -> {
            if (!rating.isNone()) {
                thing.put("aggregateRating", rating(rating));
            }
            things.add(thing);
        });
        return things.stream().map(ItemJson::write).toList();
    }

    private static Map<String, Object> rating(Rating rating) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("@type", "AggregateRating");
        told.put("ratingValue", rating.mean());
        told.put("ratingCount", rating.count());
        told.put("bestRating", Rating.MOST);
        told.put("worstRating", 1);
        return told;
    }

    /** The way from the top of the plan to the page. */
    private Optional<Map<String, Object>> way() {
        List<String> above = edition.plan().ancestors(page.id());
        if (above.isEmpty() || edition.isHome(page)) {
            return Optional.empty();
        }
        List<Object> steps = new ArrayList<>();
        above.stream()
                .flatMap(id -> edition.page(id).stream())
                .filter(view::shows)
                .forEach(p -> steps.add(step(steps.size() + 1, p)));
        steps.add(step(steps.size() + 1, page));
        Map<String, Object> way = thing("BreadcrumbList");
        way.put("itemListElement", steps);
        return Optional.of(way);
    }

    private Map<String, Object> step(int position, Page at) {
        Map<String, Object> step = new LinkedHashMap<>();
        step.put("@type", "ListItem");
        step.put("position", position);
        step.put("name", at.title());
        step.put("item", view.canonical(at));
        return step;
    }

    private Map<String, Object> organization() {
        Site site = edition.site();
        Map<String, Object> told = thing("Organization");
        told.put("name", site.name());
        told.put("url", view.origin() + "/");
        put(told, "email", Values.text(site.facts(), "email"));
        put(told, "telephone", Values.text(site.facts(), "phone"));
        put(told, "address", Values.text(site.facts(), "postalAddress").replace("\n", ", "));
        edition.media(Values.text(site.facts(), "logo"))
                .ifPresent(m -> told.put("logo", view.origin() + m.path(m.width())));
        return told;
    }

    private Optional<Map<String, Object>> meant() {
        return switch (edition.kindOf(page).map(Kind::meaning).orElse("none")) {
            case "article" -> Optional.of(article());
            case "event" -> event();
            case "person" -> Optional.of(person());
            default -> Optional.empty();
        };
    }

    private Map<String, Object> article() {
        Map<String, Object> told = described("Article", "headline");
        put(told, "datePublished", time(field(UsualFields.DATE)));
        String person = field(UsualFields.PERSON);
        if (!person.isEmpty()) {
            Map<String, Object> author = new LinkedHashMap<>();
            author.put("@type", "Person");
            author.put("name", edition.page(person).map(Page::title).orElse(person));
            told.put("author", author);
        }
        return told;
    }

    /** Without a date there is none. */
    private Optional<Map<String, Object>> event() {
        String start = time(field(UsualFields.DATE));
        if (start.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Object> told = described("Event", "name");
        told.put("startDate", start);
        put(told, "endDate", time(field(UsualFields.UNTIL)));
        put(told, "location", field("place"));
        return Optional.of(told);
    }

    private Map<String, Object> person() {
        Map<String, Object> told = described("Person", "name");
        put(told, "jobTitle", field("role"));
        return told;
    }

    private Map<String, Object> described(String type, String title) {
        Map<String, Object> told = thing(type);
        told.put(title, page.title());
        told.put("url", view.canonical(page));
        put(told, "description", field(UsualFields.SUMMARY));
        edition.media(field(UsualFields.PICTURE)).ifPresent(m -> told.put("image", view.origin() + m.path(m.width())));
        return told;
    }

    private String field(String key) {
        return edition.words(page, key);
    }

    /** A day as it is; an hour with how far the site's zone is from UTC on that day (ISO 8601). */
    private String time(String iso) {
        try {
            return iso.length() <= DAY
                    ? iso
                    : LocalDateTime.parse(iso)
                            .atZone(edition.site().zone())
                            .toOffsetDateTime()
                            .toString();
        } catch (DateTimeParseException e) {
            return "";
        }
    }

    private static Map<String, Object> thing(String type) {
        Map<String, Object> thing = new LinkedHashMap<>();
        thing.put("@context", SCHEMA);
        thing.put("@type", type);
        return thing;
    }

    private static void put(Map<String, Object> told, String key, String words) {
        if (!words.isBlank()) {
            told.put(key, words);
        }
    }
}
