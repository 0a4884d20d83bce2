package venue.core.carry.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.ItemSort;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;

/** The pages of a pack as patterns: their sections come, with what those need, and the pages don't. */
final class OnlyPatterns {

    private static final String GROUP = "Our own";

    private OnlyPatterns() {}

    static Pack of(Pack pack) {
        Map<String, Pack.Packed> byId =
                pack.items().stream().collect(Collectors.toMap(p -> p.item().id(), Function.identity()));
        List<Pack.Packed> patterns = pack.items().stream()
                .filter(p -> ItemSort.of(p.item()) == ItemSort.PAGE)
                .filter(p -> ((Page) p.item()).zones().all().findAny().isPresent())
                .map(p -> pattern(p, byId))
                .toList();
        if (patterns.isEmpty()) {
            throw Refusal.badInput(
                    "no-page-in-pack", "onlyPatterns", "This pack holds no page with sections.", "Read all of it.");
        }
        List<Item> made = patterns.stream().map(Pack.Packed::item).toList();
        Function<String, Optional<Item>> find =
                id -> Optional.ofNullable(byId.get(id)).map(Pack.Packed::item);
        List<Pack.Packed> items = new ArrayList<>(patterns);
        PackNeeds.of(made, find, pack.fields(), List.of()).stream()
                .filter(i -> !made.contains(i))
                .forEach(i -> items.add(byId.get(i.id())));
        String root = patterns.stream()
                .filter(p -> p.identity().equals(identity(Objects.requireNonNull(byId.get(pack.root())))))
                .findFirst()
                .orElse(patterns.get(0))
                .item()
                .id();
        return pack.cut(Pack.Holds.PATTERN, root, items);
    }

    private static String identity(Pack.Packed page) {
        return Hash.shortOf(page.identity() + " as a pattern");
    }

    private static Pack.Packed pattern(Pack.Packed packed, Map<String, Pack.Packed> byId) {
        Page page = (Page) packed.item();
        List<Section> sections = new ArrayList<>();
        page.zones()
                .all()
                .map(s -> shown(s, byId))
                .forEach(s -> sections.add(
                        s.withId("s" + (sections.size() + 1)).withOrigin(null).with("anchor", null)));
        String identity = identity(packed);
        return new Pack.Packed(new Pattern(identity, page.title(), GROUP, "", sections), identity);
    }

    private static Section shown(Section section, Map<String, Pack.Packed> byId) {
        return section.sharedFrom()
                .flatMap(id -> Optional.ofNullable(byId.get(id)))
                .map(p -> ((SharedSection) p.item()).section())
                .orElse(section);
    }
}
