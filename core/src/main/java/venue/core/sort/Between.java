package venue.core.sort;

import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.model.form.Form;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** The live site and the working copy that is to follow it. */
public record Between(Edition live, Edition working) {

    boolean isMissing(String id) {
        return live.find(id).isEmpty();
    }

    /** What of these visitors don't have yet. */
    Stream<String> missing(Stream<String> ids) {
        return ids.filter(this::isMissing);
    }

    /** The pictures, forms and shared sections of these facts that visitors don't have yet. */
    Stream<String> missing(PageFacts facts) {
        PageFacts.Shows shows = facts.shows();
        return missing(Stream.of(
                        shows.media().stream()
                                .filter(m -> working.find(Media.class, m).isPresent()),
                        shows.forms().stream()
                                .filter(f -> working.find(Form.class, f).isPresent()),
                        shows.shared().values().stream())
                .flatMap(ids -> ids));
    }

    /** The site, where it must come along because it calls the page home, or doesn't yet. */
    public Stream<String> siteOf(String page, boolean isHomeLive) {
        return Optional.of(page).filter(p -> isHomeLive == p.equals(liveHome())).stream()
                .flatMap(p -> live.find(Site.class, Site.ID).stream())
                .map(Site::id);
    }

    private @Nullable String liveHome() {
        return live.find(Site.class, Site.ID).map(Site::home).orElse(null);
    }

    static String title(Edition edition, @Nullable String page) {
        return edition.page(page).map(Page::title).map(t -> "“" + t + "”").orElse("none");
    }
}
