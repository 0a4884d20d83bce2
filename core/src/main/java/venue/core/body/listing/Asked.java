package venue.core.body.listing;

import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What a visitor asks of the listings of a page: which of its further pages, and what they chose.
 *
 * @param listing the name of the listing whose further page is asked for; empty for the first on the page
 * @param number of that page, from 1
 * @param query what was chosen: for the first listing by the field's key, for another by {@code NAME.KEY}
 */
public record Asked(String listing, int number, Map<String, String> query) {

    public static final Asked NOTHING = new Asked("", 1, Map.of());

    private static final Pattern FURTHER = Pattern.compile("(/|/.+?/)-/(?:([a-z][a-z0-9-]{0,39})/)?([1-9]\\d{0,3})");

    public Asked {
        query = Map.copyOf(query);
    }

    /** The address of a page and what is asked there; the path itself where it is no further page's. */
    public record Address(String page, Asked asked) {}

    /** What a path asks for: {@code /news/-/2}, or {@code /news/-/NAME/2} of a listing with a name. */
    public static Address at(String path, Map<String, String> query) {
        Matcher further = FURTHER.matcher(path);
        if (!further.matches()) {
            return new Address(path, new Asked("", 1, query));
        }
        String name = further.group(2) == null ? "" : further.group(2);
        String page = further.group(1);
        return new Address(
                page.equals("/") ? page : page.substring(0, page.length() - 1),
                new Asked(name, Integer.parseInt(further.group(3)), query));
    }

    /** The number of the page of a listing that is asked for. */
    public int numberOf(String name) {
        return listing.equals(name) ? number : 1;
    }

    /** What was chosen for a listing, by key. */
    public Map<String, String> chosen(String name) {
        String before = name.isEmpty() ? "" : name + ".";
        return query.entrySet().stream()
                .filter(e -> e.getKey().startsWith(before) && !e.getValue().isBlank())
                .filter(e -> !name.isEmpty() || e.getKey().indexOf('.') < 0)
                .collect(Collectors.toMap(
                        e -> e.getKey().substring(before.length()), Map.Entry::getValue, (a, b) -> a, TreeMap::new));
    }

    /** Where a listing's page stands: beneath the address of the page that it is on. */
    public static String path(String page, String name, int number) {
        if (number <= 1) {
            return page;
        }
        return beneath(page, name) + number;
    }

    /** What the addresses of a listing begin with: its further pages, and how it is followed. */
    public static String beneath(String page, String name) {
        return (page.equals("/") ? "" : page) + "/-/" + (name.isEmpty() ? "" : name + "/");
    }
}
