package venue.server.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Parts;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.template.Template;
import venue.server.here.Here;

/** Which parts pages have around their content, and which of them differ from what is usual for them. */
@RestController
@RequestMapping("/api/sites/{site}/parts")
class PartsController {

    /** @param pages ids of the pages that are asked about */
    record Asked(List<String> pages) {}

    /** A page that says it otherwise than is usual for it. */
    record PartDiffers(String id, String title, String way) {}

    /**
     * One part on the pages that are asked about.
     *
     * @param usual how it would show if the pages said nothing, with on how many of them
     * @param own what the pages say themselves, with how many; those that say nothing are left out
     * @param differing the pages on which it shows otherwise than is usual
     */
    record PartUse(String key, Map<String, Integer> usual, Map<String, Integer> own, List<PartDiffers> differing) {}

    /** The parts, in the order in which they are offered. */
    @PostMapping
    List<PartUse> parts(Here here, @RequestBody Asked asked) {
        Edition edition = here.working();
        List<Page> pages = asked.pages().stream()
                .map(id -> edition.require(Page.class, id))
                .toList();
        Map<PagePart, PartUse> uses = new TreeMap<>();
        for (PagePart part : PagePart.values()) {
            uses.put(part, new PartUse(part.key(), new TreeMap<>(), new TreeMap<>(), new ArrayList<>()));
        }
        pages.forEach(p -> note(edition, p, uses));
        return List.copyOf(uses.values());
    }

    private static void note(Edition edition, Page page, Map<PagePart, PartUse> uses) {
        Template template = edition.worn(page).template();
        Map<PagePart, String> usual = Parts.usual(edition, page, template);
        Map<PagePart, String> now = Parts.of(edition, page, template);
        uses.forEach((part, use) -> {
            String usually = usual.getOrDefault(part, "");
            String here = now.getOrDefault(part, "");
            use.usual().merge(usually, 1, Integer::sum);
            String own = Values.text(page.settings(), part.key());
            if (!own.isEmpty()) {
                use.own().merge(own, 1, Integer::sum);
            }
            if (!shown(here).equals(shown(usually))) {
                use.differing().add(new PartDiffers(page.id(), page.title(), here));
            }
        });
    }

    /** What nobody speaks of is not shown. */
    private static String shown(String way) {
        return way.isEmpty() ? PagePart.NONE : way;
    }
}
