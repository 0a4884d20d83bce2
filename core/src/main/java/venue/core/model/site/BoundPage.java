package venue.core.model.site;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The pages that have a task of their own on a site, beside its home page: each is bound by one fact of the site. */
public enum BoundPage {
    NOT_FOUND(
            "notFoundPage",
            "Not found",
            "What visitors get where nothing is (404). Without one, a few words that lead to the home page."),
    SEARCH("searchPage", "Search", "Where the element “Search” leads, and what is looked for is found."),
    CONTENTS(
            "contentsPage",
            "Contents of the site",
            "Linked at the end of every page, and where somebody finds nothing."),
    PRIVACY("privacyPage", "Privacy", "Linked at the end of every page."),
    SIGN_IN("signInPage", "Sign in", "What members get at /-/sign-in. It holds the element “Sign in”."),
    JOIN("joinPage", "Ask to join", "What is shown at /-/join. It holds the element “Ask to join”."),
    FORGOTTEN("forgottenPage", "Forgotten password", "What is shown at /-/forgotten."),
    CONFIRM("confirmPage", "Confirm an address", "Where the links in letters to members lead, at /-/confirm."),
    MY_PAGE("myPage", "My page", "What a member gets at /-/my-page."),
    LEAVE("leavePage", "Leave", "Where a member leaves, at /-/leave."),
    LETTERS("lettersPage", "Letters", "Where whoever asked for letters confirms, and gets no more, at /-/letters.");

    /** The tasks that have to do with members. */
    private static final Set<BoundPage> OF_MEMBERS = EnumSet.of(SIGN_IN, JOIN, FORGOTTEN, CONFIRM, MY_PAGE, LEAVE);

    private final Property property;

    BoundPage(String key, String label, String help) {
        property = Property.of(key, label, PropertyType.PAGE).help(help);
    }

    /** Whether it has to do with members. */
    public boolean isOfMembers() {
        return OF_MEMBERS.contains(this);
    }

    /** The key of its element, which ends its address too. */
    public String element() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public Property property() {
        return property;
    }

    /** The id of the page that a site binds to the task. */
    public Optional<String> of(Site site) {
        return Optional.of(Values.text(site.facts(), property.key())).filter(id -> !id.isEmpty());
    }

    /** The tasks that a page has. */
    public static Stream<BoundPage> tasks(Site site, String page) {
        return Arrays.stream(values())
                .filter(b -> b.of(site).filter(page::equals).isPresent());
    }

    /** What is declared of them. */
    public static List<Property> all() {
        return Arrays.stream(values()).map(BoundPage::property).toList();
    }
}
