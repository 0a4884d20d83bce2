package venue.core.body.element;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.body.listing.Condition;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.Source;
import venue.core.body.scene.Props;

/** What a listing's settings ask for. */
public final class ListingAsk {

    private static final Map<String, Source.Way> WAYS = Map.of(
            "kind", Source.Way.KIND,
            "beneath", Source.Way.BENEATH,
            "children", Source.Way.CHILDREN,
            "siblings", Source.Way.SIBLINGS,
            "chosen", Source.Way.CHOSEN,
            "named", Source.Way.NAMED_HERE,
            "naming", Source.Way.NAMING_HERE,
            "topics", Source.Way.SHARING_TOPICS);

    private static final Map<String, Condition.Test> TESTS = Map.of(
            "is", Condition.Test.IS,
            "not", Condition.Test.IS_NOT,
            "contains", Condition.Test.CONTAINS,
            "set", Condition.Test.IS_SET,
            "unset", Condition.Test.IS_NOT_SET,
            "less", Condition.Test.LESS,
            "more", Condition.Test.MORE);

    private ListingAsk() {}

    public static ListingQuery of(Props props) {
        return new ListingQuery(
                props.text("called"),
                source(props),
                which(props),
                texts(props, "first", "page").toList(),
                order(props),
                amount(props),
                new ListingQuery.Offered(
                        texts(props, "choose", "field").toList(),
                        props.flag("byYear"),
                        props.flag("byWords"),
                        ListingLayouts.of(props).sorts(),
                        props.flag("feed")));
    }

    private static ListingQuery.Which which(Props props) {
        return new ListingQuery.Which(
                kinds(props),
                props.groups("conditions").stream()
                        .filter(c -> !c.text("field").isEmpty())
                        .map(c -> new Condition(
                                c.text("field"),
                                TESTS.getOrDefault(c.text("test"), Condition.Test.IS),
                                c.text("value")))
                        .toList(),
                props.text("match").equals("any"),
                ListingQuery.When.valueOf(props.text("which").toUpperCase(Locale.ROOT)),
                props.flag("fresh"),
                texts(props, "except", "page").toList());
    }

    /** What is chosen by name is of any kind, and in the order in which it is chosen. */
    private static boolean isChosen(Props props) {
        return props.text("source").equals("chosen");
    }

    private static List<String> kinds(Props props) {
        return isChosen(props)
                ? List.of()
                : Stream.concat(Stream.of(props.text("kind")), texts(props, "also", "kind"))
                        .filter(Predicate.not(String::isEmpty))
                        .distinct()
                        .toList();
    }

    private static Source source(Props props) {
        Source.Way way = WAYS.getOrDefault(props.text("source"), Source.Way.KIND);
        return new Source(
                way,
                props.text(way == Source.Way.BENEATH ? "branch" : "field"),
                props.flag("deep"),
                texts(props, "chosen", "page").toList());
    }

    private static ListingQuery.Order order(Props props) {
        boolean reversed = props.flag("reversed");
        if (isChosen(props)) {
            return new ListingQuery.Order(ListingQuery.By.PLAN, "", false);
        }
        return switch (props.text("order")) {
            case "newest" -> new ListingQuery.Order(ListingQuery.By.DATE, "", true);
            case "soonest" -> new ListingQuery.Order(ListingQuery.By.DATE, "", false);
            case "title" -> new ListingQuery.Order(ListingQuery.By.TITLE, "", reversed);
            case "changed" -> new ListingQuery.Order(ListingQuery.By.CHANGED, "", reversed);
            case "read" -> new ListingQuery.Order(ListingQuery.By.READ, "", reversed);
            case "rated" -> new ListingQuery.Order(ListingQuery.By.RATED, "", reversed);
            case "field" -> new ListingQuery.Order(ListingQuery.By.FIELD, props.text("by"), reversed);
            default -> new ListingQuery.Order(ListingQuery.By.PLAN, "", reversed);
        };
    }

    private static ListingQuery.Amount amount(Props props) {
        String amount = props.text("amount");
        int each = amount.equals("all") ? 0 : Math.max(1, props.number("limit"));
        return new ListingQuery.Amount(amount.equals("paged"), each, props.number("skip"));
    }

    private static Stream<String> texts(Props props, String list, String key) {
        return List.copyOf(props.groups(list)).stream().map(g -> g.text(key)).filter(Predicate.not(String::isEmpty));
    }
}
