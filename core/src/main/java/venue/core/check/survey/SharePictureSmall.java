package venue.core.check.survey;

import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Values;
import venue.core.model.media.Media;

/** Pictures for sharing that other services show small or not at all. */
final class SharePictureSmall extends DeclaredRule {

    private static final int NARROWEST = 600;
    private static final int LOWEST = 315;

    SharePictureSmall() {
        super(
                "share-picture",
                "Picture for sharing missing or too small",
                Severity.NOTE,
                "Where the page is shared, a card with its title is shown instead, or the picture is small.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(p -> {
            String chosen = Values.text(p.settings(), "shareImage");
            if (chosen.isEmpty()) {
                return Stream.empty();
            }
            return scope
                    .edition()
                    .media(chosen)
                    .map(m -> m.width() < NARROWEST || m.height() < LOWEST ? says(m) : "")
                    .or(() -> Optional.of("The picture for sharing that it names is not there any more."))
                    .filter(says -> !says.isEmpty())
                    .map(says -> Finding.of(this, p.id(), says))
                    .stream();
        });
    }

    private static String says(Media media) {
        return "Its picture for sharing has " + media.width() + " by " + media.height() + " pixels; " + NARROWEST
                + " by " + LOWEST + " are the fewest.";
    }
}
