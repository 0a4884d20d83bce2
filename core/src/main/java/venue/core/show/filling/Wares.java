package venue.core.show.filling;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.value.Money;
import venue.core.basics.value.Value;
import venue.core.body.basket.Ware;
import venue.core.body.form.BasketField;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** What can be taken along on a site, and where it is ordered. */
public final class Wares {

    private Wares() {}

    /** Whether a field holds a price: a number whose unit is a currency. */
    public static boolean isPrice(Property field) {
        return field.type() == PropertyType.NUMBER
                && Money.currency(field.unit()).isPresent();
    }

    /** The field that says what the pages and entries of a kind cost. */
    public static Optional<Property> price(Kind kind) {
        return kind.field(UsualFields.PRICE).filter(Wares::isPrice);
    }

    /** A page or entry as it can be taken along; empty where its kind isn't, or it has no price. */
    public static Optional<Ware> of(Edition edition, Page page) {
        return edition.find(Kind.class, page.kind())
                .filter(Kind::isTakenAlong)
                .flatMap(Wares::price)
                .flatMap(field -> number(edition, page, field.key()).flatMap(n -> Money.of(n, field.unit())))
                .map(price -> new Ware(
                        page,
                        price,
                        number(edition, page, UsualFields.LEFT)
                                .map(BigDecimal::intValue)
                                .orElse(null)));
    }

    private static Optional<BigDecimal> number(Edition edition, Page page, String key) {
        return edition.field(page, key)
                .filter(v -> v instanceof Value.Num num && num.number().signum() >= 0)
                .map(v -> ((Value.Num) v).number());
    }

    /** All of a kind, or of all kinds that can be taken along where none is named, with or without a price. */
    public static Stream<OfKind> all(Edition edition, String kind) {
        return edition.all(Kind.class)
                .filter(k -> k.isTakenAlong() && (kind.isEmpty() || k.id().equals(kind)))
                .flatMap(k -> Stream.concat(
                        edition.plan().ofKind(k.id()).stream().flatMap(id -> edition.page(id).stream()),
                        edition.all(Entry.class).filter(e -> e.kind().equals(k.id()))));
    }

    /** The page on which what was taken along is ordered: of several, the first in the plan. */
    public static Optional<Page> ordering(Edition edition) {
        return edition.kept("page of the basket", () -> {
                    Set<String> on = edition.all(Form.class)
                            .filter(f -> !f.retired() && BasketField.in(f).isPresent())
                            .flatMap(f -> FormUse.pages(edition, f.id()).stream())
                            .collect(Collectors.toCollection(HashSet::new));
                    return on.isEmpty()
                            ? Optional.<String>empty()
                            : edition.plan()
                                    .inOrder()
                                    .filter(on::contains)
                                    .filter(edition.plan()::isShown)
                                    .findFirst();
                })
                .flatMap(edition::page);
    }

    /** The form on a page in which a basket is ordered. */
    public static Optional<Form> form(Edition edition, Page page) {
        return edition.all(Form.class)
                .filter(f -> !f.retired() && BasketField.in(f).isPresent())
                .filter(f -> FormUse.isOn(edition, page, f.id()))
                .findFirst();
    }
}
