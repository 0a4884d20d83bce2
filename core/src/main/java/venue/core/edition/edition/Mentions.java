package venue.core.edition.edition;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;

/** Gathers what the values of a page name. */
final class Mentions {

    private static final Pattern HREF = Pattern.compile("href=\"([^\"]+)\"");

    private final Set<Link> links = new LinkedHashSet<>();
    private final Set<String> media = new TreeSet<>();
    private final Set<String> spoken = new TreeSet<>();
    private final Set<String> kinds = new TreeSet<>();
    private final Set<String> menus = new TreeSet<>();
    private final Set<String> forms = new TreeSet<>();
    private final Set<String> named = new TreeSet<>();

    void add(List<Property> declared, Map<String, Value> values) {
        Naming.each(declared, values, this::add);
    }

    private void add(Property property, String text) {
        switch (property.type()) {
            case RICH -> {
                Matcher href = HREF.matcher(text);
                while (href.find()) {
                    Link.find(href.group(1).replace("&amp;", "&")).ifPresent(links::add);
                }
            }
            case LINK -> Link.find(text).ifPresent(links::add);
            case PICTURE -> {
                media.add(text);
                if (property.slot() == null || !property.slot().decorates()) {
                    spoken.add(text);
                }
            }
            case FONT -> media.add(text);
            case FILE -> {
                media.add(text);
                named.add(text);
            }
            case KIND -> kinds.add(text);
            case MENU -> menus.add(text);
            case FORM -> {
                forms.add(text);
                named.add(text);
            }
            case PAGE, ENTRY, TOPIC -> named.add(text);
            default -> {}
        }
    }

    /** Ids of the site's pages that are linked to. */
    Set<String> pages() {
        Set<String> pages = new TreeSet<>();
        links.forEach(l -> l.pageId().ifPresent(pages::add));
        return Set.copyOf(pages);
    }

    /** Ids of the pages, entries, files and forms that are named by a field or setting. */
    Set<String> named() {
        return Set.copyOf(named);
    }

    /** Links to anything else, in reading order. */
    List<Link> elsewhere() {
        return links.stream().filter(l -> l.pageId().isEmpty()).toList();
    }

    Set<String> media() {
        return Set.copyOf(media);
    }

    /** Those of the pictures that say something where they stand. */
    Set<String> spoken() {
        return Set.copyOf(spoken);
    }

    Set<String> kinds() {
        return Set.copyOf(kinds);
    }

    Set<String> menus() {
        return Set.copyOf(menus);
    }

    Set<String> forms() {
        return Set.copyOf(forms);
    }
}
