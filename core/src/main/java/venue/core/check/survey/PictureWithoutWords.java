package venue.core.check.survey;

import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.media.Media;

/** Pictures in use whose alternative text nobody has written; what lies behind words needs none. */
final class PictureWithoutWords extends DeclaredRule {

    PictureWithoutWords() {
        super(
                "picture-without-words",
                "Picture without words",
                Severity.SHOULD_FIX,
                "People who don't see it learn nothing of it (WCAG 2.2, 1.1.1).");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> scope.edition().facts(stand.item()).shows().spoken().stream()
                        .map(scope.edition()::media)
                        .flatMap(Optional::stream)
                        .filter(m -> m.isPicture() && !m.isDescribed())
                        .map(m -> finding(stand.page(), m)));
    }

    private Finding finding(String page, Media media) {
        return Finding.of(this, page, "Shows the picture “" + media.name() + "”, and nothing says what is on it.");
    }
}
