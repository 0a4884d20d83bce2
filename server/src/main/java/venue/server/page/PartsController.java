package venue.server.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Parts;
import venue.core.edition.edition.Sides;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.template.Template;
import venue.server.here.Here;

/** Which columns and parts pages have around their content, and which of them differ from what is usual for them. */
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

    /** Its columns, then the parts, in the order in which they are offered. */
    @PostMapping
    List<PartUse> parts(Here here, @RequestBody Asked asked) {
        Edition edition = here.working();
        List<Page> pages = asked.pages().stream()
                .map(id -> edition.require(Page.class, id))
                .toList();
        List<PartUse> uses = Stream.concat(
                        Stream.of(Sides.KEY), Arrays.stream(PagePart.values()).map(PagePart::key))
                .map(key -> new PartUse(key, new TreeMap<>(), new TreeMap<>(), new ArrayList<>()))
                .toList();
        pages.forEach(p -> note(edition, p, uses));
        return uses;
    }

    private static void note(Edition edition, Page page, List<PartUse> uses) {
        Template template = edition.worn(page).template();
        Map<String, String> usual = ways(Sides.usual(edition, page, template), Parts.usual(edition, page, template));
        Map<String, String> now = ways(Sides.of(edition, page, template), Parts.of(edition, page, template));
        uses.forEach(use -> {
            String usually = usual.getOrDefault(use.key(), "");
            String here = now.getOrDefault(use.key(), "");
            use.usual().merge(usually, 1, Integer::sum);
            String own = Values.text(page.settings(), use.key());
            if (!own.isEmpty()) {
                use.own().merge(own, 1, Integer::sum);
            }
            if (!shown(here).equals(shown(usually))) {
                use.differing().add(new PartDiffers(page.id(), page.title(), here));
            }
        });
    }

    private static Map<String, String> ways(Sides sides, Map<PagePart, String> parts) {
        Map<String, String> ways = new HashMap<>(Map.of(Sides.KEY, sides.way()));
        parts.forEach((part, way) -> ways.put(part.key(), way));
        return ways;
    }

    /** What nobody speaks of is not shown. */
    private static String shown(String way) {
        return way.isEmpty() ? PagePart.NONE : way;
    }
}
