package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import venue.core.body.scene.SitePages;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.show.gathering.FilePage;
import venue.core.show.gathering.Neighbours;

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
