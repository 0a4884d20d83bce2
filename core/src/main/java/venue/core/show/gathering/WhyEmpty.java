package venue.core.show.gathering;

import java.util.List;
import java.util.stream.Collectors;
import venue.core.body.listing.Condition;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.When;
import venue.core.body.listing.Source;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;

/** Why a listing shows nothing, for those who can mend it: the first thing asked for that leaves nothing. */
final class WhyEmpty {

    private final Onlooker looks;
    private final Edition edition;
    private final ListingQuery query;
    private final Page here;

    WhyEmpty(Onlooker looks, ListingQuery query, Page here) {
        this.looks = looks;
        this.edition = looks.edition();
        this.query = query;
        this.here = here;
    }

    String words() {
        if (query.source().way() == Source.Way.KIND
                && query.which().kinds().stream()
                        .allMatch(id -> edition.find(Kind.class, id).isEmpty())) {
            return "No kind is chosen yet";
        }
        ListingQuery plain = with(List.of(), When.ALL);
        int all = count(plain);
        if (all == 0) {
            return nothingThere();
        }
        for (Condition condition :
                query.which().any() ? List.<Condition>of() : query.which().conditions()) {
            if (count(with(List.of(condition), When.ALL)) == 0) {
                return "None of " + all + " " + kinds() + " meets “" + said(condition) + "”";
            }
        }
        if (count(with(query.which().conditions(), When.ALL)) == 0) {
            return "None of " + all + " " + kinds() + " meets "
                    + (query.which().any() ? "any of the conditions" : "all of the conditions at once");
        }
        return query.which().when() == When.ALL
                ? "All that there are is left out, or shown above"
                : "None of " + all + " " + kinds() + " is " + timed();
    }

    private String timed() {
        return switch (query.which().when()) {
            case COMING -> "to come";
            case NOW -> "on now";
            case PAST, ALL -> "over yet";
        };
    }

    private String nothingThere() {
        return switch (query.source().way()) {
            case KIND -> "There is no entry among " + kinds() + " yet";
            case BENEATH ->
                edition.page(query.source().of())
                        .map(p -> "Nothing of this stands beneath “" + p.title() + "”")
                        .orElse("No page is chosen beneath which to look");
            case CHILDREN -> "Nothing of this stands beneath this page";
            case SIBLINGS -> "Nothing of this stands beside this page";
            case CHOSEN -> "Nothing is chosen yet";
            case NAMED_HERE -> "The field “" + query.source().of() + "” of this page points to nothing";
            case NAMING_HERE -> "Nothing points to this page yet";
            case SHARING_TOPICS ->
                Topics.of(edition, here).isEmpty()
                        ? "This page names no topic"
                        : "No other page has a topic of this one";
        };
    }

    private String kinds() {
        String names = query.which().kinds().stream()
                .flatMap(id -> edition.find(Kind.class, id).stream())
                .map(k -> k.isPageless() ? k.name() + " entries" : k.pages())
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? "pages" : names;
    }

    private String said(Condition condition) {
        String field = query.which().kinds().stream()
                .flatMap(id -> edition.find(Kind.class, id).stream())
                .flatMap(k -> k.field(condition.field()).stream())
                .map(Property::label)
                .findFirst()
                .orElse(condition.field());
        return field + " "
                + switch (condition.test()) {
                    case IS -> "is " + condition.wanted();
                    case IS_NOT -> "is not " + condition.wanted();
                    case CONTAINS -> "contains " + condition.wanted();
                    case IS_SET -> "is filled in";
                    case IS_NOT_SET -> "is empty";
                    case LESS -> "is less than, or before, " + condition.wanted();
                    case MORE -> "is more than, or after, " + condition.wanted();
                };
    }

    private int count(ListingQuery asked) {
        return (int) new Matching(looks, asked, here)
                .inOrder().stream().filter(p -> !p.id().equals(here.id())).count();
    }

    private ListingQuery with(List<Condition> conditions, When when) {
        return query.with(conditions, when, query.order());
    }
}
