package venue.core.render;

import java.util.List;
import java.util.Optional;
import venue.core.element.SitePages;
import venue.core.gathering.FilePage;
import venue.core.gathering.Neighbours;
import venue.core.kind.Kind;
import venue.core.media.Media;
import venue.core.page.Page;

/** The pages that whoever looks at one may open. */
record OpenPages(View view, Page here) implements SitePages {

    @Override
    public List<Page> beneath(String parent) {
        return view.edition().plan().beneath(parent.isEmpty() ? null : parent).stream()
                .flatMap(id -> page(id).stream())
                .toList();
    }

    @Override
    public Optional<Page> page(String id) {
        return view.edition().page(id).filter(view::shows);
    }

    @Override
    public Optional<Page> before() {
        return Neighbours.of(view.onlooker(), here, -1);
    }

    @Override
    public Optional<Page> after() {
        return Neighbours.of(view.onlooker(), here, 1);
    }

    @Override
    public String kindName(Page page) {
        return view.edition().kindOf(page).map(Kind::name).orElse("");
    }

    @Override
    public Optional<String> ofFile(Media file) {
        return FilePage.of(view.onlooker(), file)
                .filter(p -> !p.id().equals(here.id()))
                .map(view::path);
    }
}
