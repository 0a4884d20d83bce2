package venue.core.show.render;

import java.util.Optional;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.body.scene.SceneLinks;
import venue.core.body.scene.SceneWords;
import venue.core.body.scene.ShownMenu;
import venue.core.body.scene.SitePages;
import venue.core.model.page.Page;

/** Where elements of one page can lead. */
record PageLinks(View view, Page page, SceneWords words, PageNeeds needs) implements SceneLinks {

    @Override
    public Optional<Way> way(Link link) {
        return new Leading(view, page).way(link);
    }

    @Override
    public String address(Page of) {
        return view.edition().page(of.id()).isPresent() ? view.path(of) : "";
    }

    @Override
    public SitePages pages() {
        return new OpenPages(view, page);
    }

    @Override
    public Optional<ShownMenu> menu(String id) {
        return new Menus(view, page).of(id);
    }

    @Override
    public boolean mayFrame(String host) {
        return words.fact("frameHosts").stream()
                .flatMap(String::lines)
                .map(String::strip)
                .anyMatch(host::equalsIgnoreCase);
    }

    @Override
    public void framed(String address) {
        needs.frame(address);
    }

    @Override
    public void tiled(String address) {
        needs.tile(address);
    }

    @Override
    public String ownHtml(String html) {
        return OwnHtml.path(page.id(), html);
    }
}
