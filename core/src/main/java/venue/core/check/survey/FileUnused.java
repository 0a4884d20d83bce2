package venue.core.check.survey;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.media.MediaCommand;
import venue.core.edition.edition.Files;
import venue.core.model.media.Media;

/** Files that nothing shows and nothing leads to. */
final class FileUnused extends DeclaredRule {

    FileUnused() {
        super("file-unused", "File that nobody uses", Severity.NOTE, "It makes what is looked for harder to find.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().media(item.id()).stream()
                .filter(m -> !Files.in(scope.edition()).isUsed(m))
                .map(m -> Finding.of(
                        this,
                        m.id(),
                        "Nothing shows it, and nothing leads to it.",
                        new Finding.Mend("Remove it", MediaCommand.removeMedia(m.id(), false))));
    }

    /** The files that what changed names now and did not before, or the other way round. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        Files.Named was = Files.named(before.edition(), changed);
        Files.Named is = Files.named(after.edition(), changed);
        if (was.equals(is)) {
            return Stream.empty();
        }
        Set<String> files = new HashSet<>(was.files());
        files.addAll(is.files());
        Set<String> folders = new HashSet<>(was.folders());
        folders.addAll(is.folders());
        Stream<String> within = folders.isEmpty()
                ? Stream.empty()
                : after.edition()
                        .all(Media.class)
                        .filter(m -> folders.stream().anyMatch(m::liesIn))
                        .map(Media::id);
        return Stream.concat(files.stream(), within);
    }
}
