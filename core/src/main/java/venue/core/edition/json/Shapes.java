package venue.core.edition.json;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import venue.core.edition.edition.ItemSort;
import venue.core.model.kind.KindSettings;

/**
 * The shapes in which contents were written, and the numbered steps from one to the next. What is kept is never rewritten: it
 * keeps its hash, and is upgraded as it is read.
 */
final class Shapes {

    /**
     * A step to a shape; it leaves alone what has that shape already.
     *
     * @param of what stands in contents that it is for, where there are too many to look into all of them
     */
    private record Step(int to, ItemSort sort, String of, Consumer<ObjectNode> upgrade) {

        Step(int to, ItemSort sort, Consumer<ObjectNode> upgrade) {
            this(to, sort, "", upgrade);
        }
    }

    private static final List<Step> STEPS = List.of(
            new Step(2, ItemSort.KIND, Shapes::declareSettings),
            new Step(3, ItemSort.MENU, menu -> menu.remove("place")),
            new Step(3, ItemSort.SITE, Shapes::nameMenus),
            new Step(4, ItemSort.PAGE, "\"sides\":\"kind\"", Shapes::leaveColumns));

    /** The shape in which contents are written now. */
    static final int NOW = STEPS.stream().mapToInt(Step::to).max().orElse(1);

    private Shapes() {}

    /** The content in the shape of now. */
    static String upgraded(ItemSort sort, int shape, String body) {
        List<Step> steps = STEPS.stream()
                .filter(s -> s.sort() == sort && s.to() > shape && body.contains(s.of()))
                .toList();
        if (steps.isEmpty()) {
            return body;
        }
        ObjectNode tree = ItemJson.read(ObjectNode.class, body);
        steps.forEach(s -> s.upgrade().accept(tree));
        return tree.toString();
    }

    /** 2: what a kind said of its form and of its places beside its settings is among them. */
    private static void declareSettings(ObjectNode kind) {
        ObjectNode settings = kind.withObjectProperty("settings");
        for (String key : List.of("offeredFirst", "startsIn")) {
            if (kind.has(key)) {
                settings.set(key, kind.remove(key));
            }
        }
        if (kind.remove("mayHold") instanceof ArrayNode kinds) {
            ArrayNode held = settings.putArray(KindSettings.MAY_HOLD.key());
            kinds.forEach(k -> held.addObject().set("kind", k));
        }
    }

    /** 3: it is the site that says which menus stand around its pages; those that said so themselves had these ids in every site. */
    private static void nameMenus(ObjectNode site) {
        ObjectNode facts = site.withObjectProperty("facts");
        Map.of("headerMenu", "main", "footMenu", "foot").forEach((place, id) -> {
            if (!facts.has(place)) {
                facts.put(place, id);
            }
        });
    }

    /** 4: a page that leaves its columns to its kind says nothing of them. */
    private static void leaveColumns(ObjectNode page) {
        ObjectNode settings = page.withObjectProperty("settings");
        if (settings.path("sides").asString("").equals("kind")) {
            settings.remove("sides");
        }
    }
}
