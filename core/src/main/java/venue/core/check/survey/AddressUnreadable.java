package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;

/** Addresses that are too long to be told, or tell nothing. */
final class AddressUnreadable extends DeclaredRule {

    private static final int LONGEST_PART = 60;
    private static final int LONGEST = 120;

    AddressUnreadable() {
        super(
                "address-unreadable",
                "Address too long or unreadable",
                Severity.NOTE,
                "It can’t be read out, and is cut where it is shown.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> !scope.edition().isHome(p))
                .flatMap(p -> why(p.segment(), scope.edition().plan().address(p.id()))
                        .map(says -> Finding.of(this, p.id(), says)));
    }

    private static Stream<String> why(String segment, String address) {
        int part = segment.codePointCount(0, segment.length());
        int whole = address.codePointCount(0, address.length());
        if (part > LONGEST_PART) {
            return Stream.of("Its part of the address has " + part + " letters; " + LONGEST_PART + " can be read out.");
        }
        if (whole > LONGEST) {
            return Stream.of("Its address has " + whole + " letters; " + LONGEST + " can be read out.");
        }
        return segment.matches("[0-9-]+")
                ? Stream.of("Its part of the address, “" + segment + "”, is a number alone.")
                : Stream.empty();
    }
}
