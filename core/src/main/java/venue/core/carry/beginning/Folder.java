package venue.core.carry.beginning;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.nodes.Entities;
import venue.core.basics.item.Item;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;

/**
 * A pack laid out as a folder: each item as in a pack, under its sort, and {@code contents.json} to say which there are.
 *
 * @param shape the shape in which its items are written
 * @param with other folders, all of which comes first
 * @param live the pages that go live at once
 * @param items {@code SORT/ID}, in the order in which people are shown them
 */
record Folder(String name, String note, int shape, List<String> with, List<String> live, List<String> items) {

    Folder {
        with = with == null ? List.of() : List.copyOf(with);
        live = live == null ? List.of() : List.copyOf(live);
        items = List.copyOf(items);
    }

    static Folder open(String folder) {
        return ItemJson.read(Folder.class, text(folder, "contents"));
    }

    /**
     * What such folders hold together.
     *
     * @param words what stands for each word in braces; escaped within markup
     */
    static List<Item> items(String folder, Map<String, String> words) {
        Folder contents = open(folder);
        List<Item> items = new ArrayList<>();
        contents.with().forEach(w -> items.addAll(items(w, words)));
        contents.items().forEach(i -> items.add(contents.item(folder, i, words)));
        return items;
    }

    private Item item(String folder, String path, Map<String, String> words) {
        String noun = path.substring(0, path.indexOf('/'));
        ItemSort sort = Stream.of(ItemSort.values())
                .filter(s -> s.noun().equals(noun))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no sort of item is called " + noun));
        return ItemJson.read(sort, shape, text(folder, path), said -> with(words, said));
    }

    private static String with(Map<String, String> words, String said) {
        boolean markup = said.startsWith("<");
        String full = said;
        for (Map.Entry<String, String> word : words.entrySet()) {
            String value = markup ? Entities.escape(word.getValue()) : word.getValue();
            full = full.replace("{" + word.getKey() + "}", value);
        }
        return full;
    }

    private static String text(String folder, String path) {
        String name = folder + "/" + path + ".json";
        try (InputStream in = Folder.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("there is no " + name);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }
}
