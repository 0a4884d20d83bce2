package venue.core.live.release;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.edition.Worn;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

/** What must come along with a change, so that the live site holds together. */
final class Needs {

    private final Edition live;
    private final Edition working;
    private final Set<String> changed;

    Needs(Edition live, Edition working, Set<String> changed) {
        this.live = live;
        this.working = working;
        this.changed = changed;
    }

    List<String> of(String id) {
        Optional<Item> after = working.find(id);
        Stream<String> needs = after.isPresent() ? ofPut(after.get()) : ofGone(id);
        return needs.filter(n -> !n.equals(id) && changed.contains(n))
                .distinct()
                .toList();
    }

    private Stream<String> ofPut(Item item) {
        if (item instanceof Page page) {
            return ofPage(page);
        }
        if (item instanceof venue.core.model.entry.Entry entry) {
            return Stream.concat(
                    Stream.of(entry.kind()).filter(n -> live.find(n).isEmpty()), missing(working.facts(entry)));
        }
        if (item instanceof Template template) {
            return template.zones().stream().flatMap(z -> missing(PageFacts.of(z.fixed())));
        }
        if (item instanceof SharedSection shared) {
            return missing(working.facts(shared));
        }
        if (item instanceof Look look) {
            return look.files().stream().filter(f -> live.find(f).isEmpty());
        }
        if (item instanceof Site site) {
            List<String> needs = new ArrayList<>(List.of(site.look(), site.fallbackTemplate()));
            needs.addAll(site.foot());
            working.home().ifPresent(home -> needs.add(home.id()));
            return needs.stream().filter(n -> live.find(n).isEmpty());
        }
        return Stream.empty();
    }

    /** Ancestors, kind, template and pictures that visitors don't have yet; the site when the page becomes home, or stops being it. */
    private Stream<String> ofPage(Page page) {
        List<String> needs = new ArrayList<>(working.plan().ancestors(page.id()));
        needs.add(page.kind());
        Worn worn = working.worn(page);
        needs.add(worn.template().id());
        Stream<String> site = page.withdrawn() ? liveHome(page.id()) : becomesHome(page);
        PageFacts settings = PageFacts.of(List.of(), Differing.NAMING, page.settings());
        return Stream.of(
                        site,
                        needs.stream().filter(n -> live.find(n).isEmpty()),
                        missing(working.facts(page)),
                        missing(settings))
                .flatMap(s -> s);
    }

    private Stream<String> missing(PageFacts facts) {
        return Stream.concat(
                        facts.media().stream()
                                .filter(m -> working.find(Media.class, m).isPresent()),
                        facts.shared().values().stream())
                .filter(m -> live.find(m).isEmpty());
    }

    /**
     * What stands beneath a page that goes must go or move too, and it can't be home; what shows a shared section that goes
     * must have let go of it.
     */
    private Stream<String> ofGone(String id) {
        Stream<String> site = live.find(Site.class, Site.ID).stream()
                .filter(s -> s.foot().contains(id))
                .map(Site::id);
        Stream<String> shown = Stream.concat(live.inbound().sharing(id).stream(), site);
        return Stream.concat(Stream.concat(live.plan().beneath(id).stream(), shown), liveHome(id));
    }

    /** What is called home and released is home: visitors get it at {@code /}. */
    private Stream<String> becomesHome(Page page) {
        return working.isHome(page)
                ? live.find(Site.class, Site.ID).stream()
                        .filter(s -> !page.id().equals(s.home()))
                        .map(Site::id)
                : Stream.empty();
    }

    private Stream<String> liveHome(String pageId) {
        return live.find(Site.class, Site.ID).filter(s -> pageId.equals(s.home())).map(Site::id).stream();
    }
}
