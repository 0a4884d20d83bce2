package venue.core.show.gathering;

import java.util.Optional;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.PropertyType;

/** The page that a file has of its own: the first that holds it in a field of its kind. */
public final class FilePage {

    private FilePage() {}

    public static Optional<Page> of(Onlooker looks, Media file) {
        Edition edition = looks.edition();
        return edition.inbound().naming(file.id()).stream()
                .sorted()
                .flatMap(id -> edition.page(id).stream())
                .filter(looks.opens())
                .filter(p -> holds(edition, p, file))
                .findFirst();
    }

    private static boolean holds(Edition edition, Page page, Media file) {
        return edition.kindOf(page).map(Kind::fields).stream()
                .flatMap(fields -> fields.stream())
                .filter(f -> f.type() == PropertyType.FILE)
                .anyMatch(f -> edition.field(page, f.key())
                        .filter(Value.of(file.id())::equals)
                        .isPresent());
    }
}
