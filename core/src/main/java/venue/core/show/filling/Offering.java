package venue.core.show.filling;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Window;
import venue.core.body.basket.Ware;
import venue.core.body.form.AtHand;
import venue.core.body.form.Given;
import venue.core.body.form.Offer;
import venue.core.body.form.PickSettings;
import venue.core.body.form.PlacesLeft;
import venue.core.body.listing.Asked;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.By;
import venue.core.body.listing.ListingQuery.When;
import venue.core.body.listing.Source;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.kind.Kind;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.model.property.ValueWords;
import venue.core.show.gathering.Gathering;
import venue.core.show.gathering.Onlooker;

/** What there is to choose from in the forms of a site, for one who looks: the same for the page and for what is sent from it. */
public final class Offering implements AtHand {

    /** The most that one field offers. */
    private static final int MOST = 200;

    private final Onlooker looks;
    private final Given given;
    private final Page here;
    private final Locale locale;

    /** @param here the page on which the form stands */
    public Offering(Onlooker looks, Given given, Page here, Locale locale) {
        this.looks = looks;
        this.given = given;
        this.here = here;
        this.locale = locale;
    }

    @Override
    public LocalDate today() {
        return looks.now().toLocalDate();
    }

    @Override
    public Locale locale() {
        return locale;
    }

    @Override
    public List<Offer> offers(FormField field) {
        Optional<String> kind = PickSettings.kind(field);
        if (kind.isEmpty()) {
            return List.of();
        }
        boolean dated = looks.edition()
                .find(Kind.class, kind.get())
                .flatMap(k -> k.field(UsualFields.DATE))
                .isPresent();
        When when = dated && PickSettings.isToCome(field) ? When.COMING : When.ALL;
        ListingQuery query = new ListingQuery(
                "form " + field.key(),
                new Source(Source.Way.KIND, "", false, List.of()),
                new ListingQuery.Which(List.of(kind.get()), List.of(), false, when, false, List.of()),
                List.of(),
                new ListingQuery.Order(dated ? By.DATE : By.PLAN, "", false),
                new ListingQuery.Amount(false, 0, 0),
                new ListingQuery.Offered(List.of(), false, false, false, false));
        return new Gathering(looks, query, here, Asked.NOTHING)
                .all(Set.of()).stream().limit(MOST).map(this::offer).toList();
    }

    @Override
    public Optional<Ware> ware(String id) {
        Edition edition = looks.edition();
        return edition.find(OfKind.class, id)
                .map(OfKind::asListed)
                .filter(p -> edition.page(id).isEmpty()
                        || edition.plan().isShown(id) && looks.opens().test(p))
                .flatMap(p -> Wares.of(edition, p));
    }

    @Override
    public List<Ware> wares(String kind, int most) {
        return Wares.all(looks.edition(), kind)
                .flatMap(of -> ware(of.id()).stream())
                .filter(w -> !w.isSoldOut())
                .limit(most)
                .toList();
    }

    private Offer offer(Page page) {
        String date = looks.edition().words(page, UsualFields.DATE);
        return new Offer(
                page,
                date.isEmpty() ? "" : ValueWords.date(date, locale),
                seats(page).orElse(null),
                isPast(date));
    }

    /** What has begun can't be chosen any more. */
    private boolean isPast(String date) {
        return !date.isEmpty() && Window.until(date).isOver(looks.now().toString());
    }

    /** How many may come to a page or entry, and how many will; empty where no form counts them, or it names no number. */
    public Optional<PlacesLeft> seats(Page page) {
        return counting(looks.edition(), page.kind())
                .flatMap(form -> places(looks.edition(), form, page).map(places -> {
                    Given.Count count = given.of(form.id(), page.id());
                    return new PlacesLeft(places, count.places(), count.waiting());
                }));
    }

    /** The number of places that a page or entry says there are; empty where it says none. */
    public static Optional<Integer> places(Edition edition, Form form, Page page) {
        return form.placesField().flatMap(key -> edition.field(page, key)).flatMap(v -> Optional.ofNullable(whole(v)));
    }

    /** All of which a form gives places, dates past and to come. */
    public static Stream<Page> counted(Edition edition, Form form) {
        return PickSettings.counted(form)
                .flatMap(PickSettings::kind)
                .map(kind -> Stream.concat(
                        edition.plan().ofKind(kind).stream().flatMap(id -> edition.page(id).stream()),
                        edition.entries(kind).stream().map(Entry::asListed)))
                .orElse(Stream.of());
    }

    /** The same by their ids; none where something of it is gone. */
    public static int places(Edition edition, String form, String item) {
        return edition.find(Form.class, form)
                .flatMap(f -> edition.find(OfKind.class, item).flatMap(of -> places(edition, f, of.asListed())))
                .orElse(0);
    }

    private static @Nullable Integer whole(Value value) {
        return value instanceof Value.Num num
                ? Integer.valueOf(num.number()
                        .max(BigDecimal.ZERO)
                        .min(BigDecimal.valueOf(1_000_000))
                        .intValue())
                : null;
    }

    /** The form by which the places of a kind's pages or entries are given; of several, the first by its id. */
    public static Optional<Form> counting(Edition edition, String kind) {
        return Optional.ofNullable(edition.kept(
                        "forms that count",
                        () -> edition.all(Form.class)
                                .filter(f -> PickSettings.counted(f).isPresent())
                                .collect(Collectors.toMap(
                                        f -> PickSettings.counted(f)
                                                .flatMap(PickSettings::kind)
                                                .orElseThrow(),
                                        f -> f,
                                        (a, b) -> a.id().compareTo(b.id()) < 0 ? a : b,
                                        () -> new java.util.TreeMap<String, Form>())))
                .get(kind));
    }
}
