package venue.core.live.address;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.text.Letters;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;

/** The page, of those that are open to everyone, that somebody may have meant with an address at which nothing is: the one that shares most of its words. */
public final class Nearest {

    private static final int SHORTEST = 3;

    private record Known(Page page, Set<String> words) {}

    private final List<Known> pages;

    public Nearest(Edition edition) {
        pages = edition.all(Page.class)
                .filter(p -> Gates.of(edition).opens(p, Visitor.STRANGER))
                .map(p -> new Known(p, words(edition.plan().address(p.id()) + " " + p.title())))
                .toList();
    }

    /** None where no page shares a word with it. */
    public Optional<Page> to(String path) {
        Set<String> asked = words(path);
        return pages.stream()
                .filter(k -> shared(asked, k) > 0)
                .max(Comparator.<Known>comparingLong(k -> shared(asked, k))
                        .thenComparing(k -> -k.words().size())
                        .thenComparing(k -> k.page().id()))
                .map(Known::page);
    }

    private static long shared(Set<String> asked, Known known) {
        return asked.stream().filter(known.words()::contains).count();
    }

    /** Without an s at their end: whoever asks for one often means many. */
    private static Set<String> words(String text) {
        return Arrays.stream(Letters.folded(text).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> w.length() >= SHORTEST)
                .map(w -> w.endsWith("s") ? w.substring(0, w.length() - 1) : w)
                .collect(Collectors.toCollection(HashSet::new));
    }
}
