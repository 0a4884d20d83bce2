package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.model.media.Media;

/** Files that take visitors too long to get. Pictures are sent in sizes that fit, so theirs are not looked at. */
final class FileTooHeavy extends DeclaredRule {

    private static final long MB = 1_000_000;
    private static final long MOST = 20;
    private static final long MOST_FILM = 200;

    FileTooHeavy() {
        super(
                "file-too-heavy",
                "File too heavy for its place",
                Severity.SHOULD_FIX,
                "On a phone it takes longer than most people wait.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().media(item.id()).stream()
                .filter(m -> !m.isPicture())
                .filter(m -> m.bytes() > most(m) * MB)
                .map(m -> Finding.of(
                        this,
                        m.id(),
                        "It has " + Words.count((int) (m.bytes() / MB), "megabyte") + "; " + most(m)
                                + " are the most."));
    }

    private static long most(Media media) {
        return media.format().matches("mp4|webm|mov|ogv") ? MOST_FILM : MOST;
    }
}
