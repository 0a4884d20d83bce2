package venue.core.check.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.show.filling.Wares;

/** What does not agree about what can be taken along. */
public final class WareFindings {

    private static final Survey.RuleInfo NOWHERE = new Survey.RuleInfo(
            "basket-nowhere",
            "Basket that no page shows",
            Severity.SHOULD_FIX,
            "Visitors can’t take anything along: the button stands there once an order form stands on a page.");
    private static final Survey.RuleInfo PRICE = new Survey.RuleInfo(
            "price-missing",
            "Nothing said of what it costs",
            Severity.SHOULD_FIX,
            "It can’t be taken along without a price.");

    /** All that is looked for. */
    public static final List<Survey.RuleInfo> RULES = List.of(NOWHERE, PRICE);

    private WareFindings() {}

    /** What is found, kind by kind. */
    public static List<Finding> in(Edition edition) {
        return edition.kept(
                "what is found of wares",
                () -> edition.all(Kind.class)
                        .filter(Kind::isTakenAlong)
                        .sorted(Comparator.comparing(Kind::name))
                        .flatMap(kind -> about(edition, kind))
                        .toList());
    }

    private static Stream<Finding> about(Edition edition, Kind kind) {
        List<Finding> all = new ArrayList<>();
        if (Wares.ordering(edition).isEmpty()) {
            all.add(found(NOWHERE, kind.id(), "Can be taken along, and no page has an order form."));
        }
        if (Wares.price(kind).isEmpty()) {
            all.add(found(
                    PRICE,
                    kind.id(),
                    "Can be taken along, and has no number with the key “price” whose unit is a currency, as EUR."));
            return all.stream();
        }
        Wares.all(edition, kind.id())
                .filter(of -> edition.page(of.id()).isEmpty() || edition.plan().isShown(of.id()))
                .filter(of -> Wares.of(edition, of.asListed()).isEmpty())
                .forEach(of -> all.add(found(PRICE, of.id(), "Can be taken along once it says what it costs.")));
        return all.stream();
    }

    private static Finding found(Survey.RuleInfo rule, String item, String says) {
        return new Finding(rule.key(), rule.severity(), item, says, rule.why(), List.of(), null);
    }
}
